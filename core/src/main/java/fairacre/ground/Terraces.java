package fairacre.ground;

import fairacre.fill.Loads;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import java.util.List;
import java.util.function.Function;

/**
 * Ground parted into levels.
 *
 * @param terraces from the one at the start of the ground's axis to the one at its end
 * @param steps between two neighbours each, one fewer than terraces
 * @param cut of all, as it lies in the bank
 * @param fill of all, packed
 * @param intoBeds loose spare soil that the beds of the season take
 * @param away loose soil that has to leave
 * @param missing loose soil that has to be brought
 * @param loads in which it leaves
 * @param licensed whether a step is so high that local code and a licensed designer decide
 */
public record Terraces(
        List<Terrace> terraces,
        List<Step> steps,
        Volume cut,
        Volume fill,
        Volume intoBeds,
        Volume away,
        Volume missing,
        Loads loads,
        boolean licensed) {

    /** One level: its ground, and what is dug and filled to make it. */
    public record Terrace(Rectangle ground, List<Point> corners, Earthwork earthwork) {}

    /** Where one level ends and the next begins: its height, and the line on which a wall or a bank holds it. */
    public record Step(Length height, List<Point> line) {}

    public Terraces {
        terraces = List.copyOf(terraces);
        steps = List.copyOf(steps);
    }

    static Terraces of(List<Terrace> terraces, List<Step> steps) {
        Volume away = sum(terraces, Earthwork::away);
        return new Terraces(
                terraces,
                steps,
                sum(terraces, Earthwork::cut),
                sum(terraces, Earthwork::fill),
                sum(terraces, Earthwork::intoBeds),
                away,
                sum(terraces, Earthwork::missing),
                Loads.of(away),
                steps.stream().anyMatch(step -> step.height().compareTo(LevelStudy.LICENSED) > 0));
    }

    private static Volume sum(List<Terrace> terraces, Function<Earthwork, Volume> part) {
        return terraces.stream().map(Terrace::earthwork).map(part).reduce(Volume.ZERO, Volume::plus);
    }
}
