/** Outlines on the drawing: places, rectangles, and the forms of beds within them. */
package fairacre.outline;
