package fairacre.cost;

import fairacre.fill.SoilSupply;

/**
 * The ways to get one good that all beds together take in a season.
 *
 * @param topUp whether it is the yearly top-up of beds that were filled before
 */
public record SeasonSoil(int season, boolean topUp, SoilSupply supply) {}
