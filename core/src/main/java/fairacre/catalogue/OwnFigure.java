package fairacre.catalogue;

import fairacre.limits.Limits;

/**
 * A figure in which a variety differs from its crop.
 *
 * @param figure as it stands in the column, at most 60 characters
 */
public record OwnFigure(CropColumn column, String figure) {

    private static final int LONGEST = 60;

    public OwnFigure {
        Limits.present(column, "column");
        figure = column.takes().read(Limits.line(figure, LONGEST, "the figure", column.name()), column.name());
    }
}
