/**
 * The sheet on paper: the plan of one season to a true scale, with dimensions, title block, north arrow and scale bar.
 *
 * <p>{@link fairacre.drawing.SheetDrawing} lays the marks out on the smallest sheet of paper that holds the plot at the
 * wanted {@link fairacre.drawing.Scale}; {@link fairacre.drawing.SvgSheet} and {@link fairacre.drawing.PdfSheet} write
 * the same marks. On paper everything is in millimetres, x to the right and y down from the upper left corner of the
 * sheet. Setting out, shopping list and {@link fairacre.drawing.CuttingSheet} are lists on A4 pages.
 */
package fairacre.drawing;
