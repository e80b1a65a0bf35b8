package fairacre.cost;

import fairacre.fill.SoilSupply;

/** The ways to get the soil that all beds together take in a season. */
public record SeasonSoil(int season, SoilSupply supply) {}
