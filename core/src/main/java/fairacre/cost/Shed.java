package fairacre.cost;

import fairacre.build.Offcut;
import fairacre.frame.BoardsOfLength;
import fairacre.measure.Length;
import fairacre.takeoff.BoardKind;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/** Sound boards that lie in the shed, less what the seasons before have used. */
final class Shed {

    private final Map<BoardKind, SortedMap<Length, Integer>> boards = new HashMap<>();

    /** Each sound stretch of a board with flaws is a board of its own. */
    static Shed of(List<Offcut> offcuts) {
        Shed shed = new Shed();
        for (Offcut offcut : offcuts) {
            SortedMap<Length, Integer> kind =
                    shed.boards.computeIfAbsent(new BoardKind(offcut.material(), offcut.board()), k -> new TreeMap<>());
            offcut.sound().forEach(stretch -> kind.merge(stretch, offcut.count(), Integer::sum));
        }
        return shed;
    }

    /** Shortest first. */
    List<BoardsOfLength> of(BoardKind kind) {
        return boards.getOrDefault(kind, new TreeMap<>()).entrySet().stream()
                .map(e -> new BoardsOfLength(e.getKey(), e.getValue()))
                .toList();
    }

    void take(BoardKind kind, List<BoardsOfLength> used) {
        used.forEach(taken -> boards.get(kind)
                .computeIfPresent(
                        taken.stock(), (length, there) -> there > taken.count() ? there - taken.count() : null));
    }
}
