/**
 * What lies over beds, whatever holds it up: fleece, nets and film, and in which seasons something stands over which
 * bed.
 *
 * <p>{@link fairacre.over.Fabric} is what is laid; each part that lays some says where by
 * {@link fairacre.over.FabricSource}, and its nets are judged here.
 */
package fairacre.over;
