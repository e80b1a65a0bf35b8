/** Loose goods by the bag and the lorry, and the layers that beds and walks are made of. */
package fairacre.goods;
