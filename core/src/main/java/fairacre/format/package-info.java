/**
 * The garden as JSON: the file a gardener keeps, and the same notation for the API and the headless command.
 *
 * <p>{@link fairacre.format.GardenJson} knows how measures, money and changes are written (metres, square metres and
 * litres as numbers, money as a decimal string with its currency). {@link fairacre.format.GardenFile} reads and writes
 * the file, checked against the published schema, and answers every fault with the place, what is wrong and what would
 * be right. {@link fairacre.format.AppraiseCommand} is the headless command. {@link fairacre.format.Table}s go to
 * spreadsheets by {@link fairacre.format.CsvFile} and {@link fairacre.format.WorkbookFile};
 * {@link fairacre.format.PriceFile} and {@link fairacre.format.ReceiptText} read what comes back from other hands, and
 * {@link fairacre.format.Scan} makes sure that a photo is one. Only this package and {@code fairacre.drawing} know of
 * libraries for files; the model carries no annotations.
 */
package fairacre.format;
