package fairacre.takeoff;

import fairacre.goods.BulkGood;
import fairacre.measure.Volume;

/** A volume of a loose good. */
public record Loose(int season, Use use, BulkGood good, Volume volume, Served served) {}
