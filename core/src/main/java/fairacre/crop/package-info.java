/**
 * What grows where: plantings of beds or of parts of them, and how many plants, seeds and packets they come to.
 *
 * <p>{@link fairacre.catalogue.Crops} is the catalogue, which {@link fairacre.catalogue.CropTable} brings; a
 * {@link fairacre.crop.Planting} is a kind of thing of the plan with dates, and {@code PlantPlaces} lays its plants out
 * in the soil of the bed. {@code SowingTimes} says on which days a crop may be sown, by frost and by the soil;
 * {@link fairacre.crop.BedGaps} where soil lies bare. Start with {@link fairacre.crop.PlantingStudy}.
 *
 * <p>Their need of water is not asked for: a bed is watered as one of vegetables in full growth.
 */
package fairacre.crop;
