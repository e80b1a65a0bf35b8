/**
 * What a gardener knocks together besides beds: potting benches, tables, benches, tool racks, barrel stands, leaf bins,
 * and structures of one's own from a list of pieces.
 *
 * <p>{@link fairacre.furniture.FurnitureParts} says what a {@link fairacre.furniture.Furniture} is cut from; start with
 * {@link fairacre.furniture.FurnitureStudy}. On the plot it stands as a bench does.
 *
 * <p>Nothing is told of what tops and legs bear but for barrels, whose feet are held against soft ground.
 */
package fairacre.furniture;
