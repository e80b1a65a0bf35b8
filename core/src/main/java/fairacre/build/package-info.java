/** What beds are built of and how: boards, frames, walls, kits, what holds them, and the workshop. */
package fairacre.build;
