/**
 * Seasons and beds side by side, as they were planned and as they went: {@link fairacre.years.SeasonStudy} tells one
 * season, {@link fairacre.years.BedStoryStudy} one bed through all of them.
 */
package fairacre.years;
