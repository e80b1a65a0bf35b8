package fairacre.plan;

import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Frame;
import fairacre.build.Material;
import fairacre.build.Offcut;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Kinds that the gardener added: those in the workshop, and those that a bed is still built of. */
public record OwnKinds(List<Material> materials, List<Board> boards) {

    public static OwnKinds of(Plan plan) {
        List<Frame> frames = plan.beds().stream()
                .flatMap(bed -> bed.revisions().stream())
                .map(BedRevision::frame)
                .flatMap(Optional::stream)
                .toList();
        List<Offcut> offcuts = plan.workshop().offcuts();
        Stream<Material> used = Stream.concat(
                frames.stream().map(Frame::material), offcuts.stream().map(Offcut::material));
        Stream<Board> cut = Stream.concat(
                frames.stream().map(Frame::board), offcuts.stream().map(Offcut::board));
        return new OwnKinds(
                Stream.concat(plan.workshop().materials().stream(), used)
                        .filter(Material::own)
                        .distinct()
                        .toList(),
                Stream.concat(plan.workshop().boards().stream(), cut)
                        .filter(Board::own)
                        .distinct()
                        .toList());
    }

    /** Boards that can be bought because of them. */
    public List<PriceItem> items() {
        return Stream.concat(
                        materials.stream()
                                .flatMap(material -> Stream.concat(Board.values().stream(), boards.stream())
                                        .flatMap(board -> BuildPrices.boards(material, board))),
                        boards.stream()
                                .flatMap(board -> Material.values().stream()
                                        .flatMap(material -> BuildPrices.boards(material, board))))
                .toList();
    }
}
