/**
 * Arches of a stiff wire panel between two beds: one walks through below, and crops climb over.
 *
 * <p>An {@link fairacre.arch.Arch} stands with both feet in soil. Its panel is bent to part of a circle, or to half of
 * one on straight legs where it is long; how high it rises follows from the panel's length and the distance of its feet
 * ({@link fairacre.hoop.Bow}). Start with {@link fairacre.arch.ArchStudy}; {@link fairacre.arch.ArchPlaces} finds beds
 * that lie opposite each other.
 *
 * <p>Nothing is told of how high from a chair somebody reaches, nor of what wind a full crop bears.
 */
package fairacre.arch;
