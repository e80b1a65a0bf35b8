package fairacre.plan;

import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Frame;
import fairacre.build.Material;
import fairacre.build.Offcut;
import fairacre.parts.Parts;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Kinds that the gardener added: those in the workshop, and those that something is still built of.
 *
 * @param items what can be bought because of them
 */
public record OwnKinds(List<Material> materials, List<Board> boards, List<PriceItem> items) {

    public static OwnKinds of(Plan plan) {
        List<Frame> frames = plan.beds().stream()
                .flatMap(bed -> bed.revisions().stream())
                .map(BedRevision::frame)
                .flatMap(Optional::stream)
                .toList();
        List<Offcut> offcuts = plan.workshop().offcuts();
        Stream<Material> used = Stream.of(
                        frames.stream().map(Frame::material),
                        offcuts.stream().map(Offcut::material),
                        Parts.bringing(OwnItems.class).stream().flatMap(part -> part.timbers(plan)))
                .flatMap(materials -> materials);
        Stream<Board> cut = Stream.of(
                        frames.stream().map(Frame::board),
                        offcuts.stream().map(Offcut::board),
                        Parts.bringing(OwnItems.class).stream().flatMap(part -> part.boards(plan)))
                .flatMap(each -> each);
        List<Material> materials = Stream.concat(plan.workshop().materials().stream(), used)
                .filter(Material::own)
                .distinct()
                .toList();
        List<Board> boards = Stream.concat(plan.workshop().boards().stream(), cut)
                .filter(Board::own)
                .distinct()
                .toList();
        Stream<PriceItem> others = Parts.bringing(OwnItems.class).stream().flatMap(part -> part.ownItems(plan));
        return new OwnKinds(
                materials,
                boards,
                Stream.concat(boards(materials, boards), others).toList());
    }

    private static Stream<PriceItem> boards(List<Material> materials, List<Board> boards) {
        return Stream.concat(
                materials.stream()
                        .flatMap(material -> Stream.concat(Board.values().stream(), boards.stream())
                                .flatMap(board -> BuildPrices.boards(material, board))),
                boards.stream()
                        .flatMap(board ->
                                Material.values().stream().flatMap(material -> BuildPrices.boards(material, board))));
    }
}
