package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BED;
import static fairacre.server.store.generated.Tables.BED_REVISION;
import static fairacre.server.store.generated.Tables.GARDEN;
import static fairacre.server.store.generated.Tables.KEYHOLE;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.select;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Cap;
import fairacre.build.Fittings;
import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.build.Joint;
import fairacre.build.Kit;
import fairacre.build.Masonry;
import fairacre.build.Material;
import fairacre.build.Wall;
import fairacre.goods.BulkGood;
import fairacre.goods.Filling;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Keyhole;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.server.store.generated.tables.records.BedRecord;
import fairacre.server.store.generated.tables.records.BedRevisionRecord;
import fairacre.server.store.generated.tables.records.KeyholeRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Result;

/** Beds with their revisions, from rows and into rows. */
final class BedRows implements Rows {

    private static final Field<? extends Result<?>> KEYHOLES = multiset(
                    select(KEYHOLE.SIDE, KEYHOLE.AT, KEYHOLE.WIDTH, KEYHOLE.DEPTH)
                            .from(KEYHOLE)
                            .where(KEYHOLE.GARDEN.eq(BED_REVISION.GARDEN))
                            .and(KEYHOLE.BED.eq(BED_REVISION.BED))
                            .and(KEYHOLE.FROM_SEASON.eq(BED_REVISION.FROM_SEASON))
                            .orderBy(KEYHOLE.POSITION))
            .as("keyholes");

    private static final Field<? extends Result<?>> REVISIONS = multiset(select(
                            BED_REVISION.FROM_SEASON,
                            BED_REVISION.CENTRE_X,
                            BED_REVISION.CENTRE_Y,
                            BED_REVISION.LENGTH,
                            BED_REVISION.WIDTH,
                            BED_REVISION.TURN,
                            BED_REVISION.MATERIAL,
                            BED_REVISION.BOARD,
                            BED_REVISION.COURSES,
                            BED_REVISION.JOINT,
                            BED_REVISION.EXISTING,
                            BED_REVISION.FORM,
                            BED_REVISION.ARM_ALONG,
                            BED_REVISION.ARM_ACROSS,
                            BED_REVISION.ARM_RIGHT,
                            BED_REVISION.FINGERS,
                            BED_REVISION.SPINE,
                            BED_REVISION.FINGER,
                            BED_REVISION.CORNER_CUT,
                            BED_REVISION.CORNER_X,
                            BED_REVISION.CORNER_Y,
                            BED_REVISION.KIT,
                            BED_REVISION.CAP_WIDTH,
                            BED_REVISION.CAP_LEANED_ON,
                            BED_REVISION.LEGS,
                            BED_REVISION.MOUND,
                            BED_REVISION.OVERHANG,
                            BED_REVISION.FILL_GOOD,
                            BED_REVISION.FILL_PARTS,
                            BED_REVISION.BELOW_GOOD,
                            BED_REVISION.BELOW_PERCENT,
                            BED_REVISION.POSTS,
                            BED_REVISION.SUPPORT,
                            BED_REVISION.LINER,
                            BED_REVISION.UNDERLAY,
                            BED_REVISION.WALL,
                            BED_REVISION.WALL_COURSES,
                            BED_REVISION.DROP_ALONG,
                            BED_REVISION.DROP_ACROSS,
                            KEYHOLES)
                    .from(BED_REVISION)
                    .where(BED_REVISION.GARDEN.eq(BED.GARDEN))
                    .and(BED_REVISION.BED.eq(BED.ID))
                    .orderBy(BED_REVISION.FROM_SEASON))
            .as("revisions");

    private static final Field<? extends Result<?>> BEDS = multiset(
                    select(BED.ID, BED.NAME, BED.RETIRED, BED.TENDED_BY, REVISIONS)
                            .from(BED)
                            .where(BED.GARDEN.eq(GARDEN.ID)))
            .as("beds");

    static final BedRows ROWS = new BedRows();

    private BedRows() {}

    @Override
    public Field<? extends Result<?>> field() {
        return BEDS;
    }

    /** @param row of the garden */
    List<Bed> read(Record row) {
        return row.get(BEDS)
                .map(r -> new Bed(
                        r.get(BED.ID),
                        r.get(BED.NAME),
                        r.get(REVISIONS).map(BedRows::revision),
                        Optional.ofNullable(r.get(BED.RETIRED)),
                        List.of(r.get(BED.TENDED_BY))));
    }

    @Override
    public void insert(DSLContext database, UUID garden, Plan plan) {
        insert(database, garden, plan.beds());
    }

    private static void insert(DSLContext database, UUID garden, List<Bed> beds) {
        database.batchInsert(beds.stream()
                        .map(bed -> new BedRecord(
                                garden,
                                bed.id(),
                                bed.name(),
                                bed.retired().orElse(null),
                                bed.tendedBy().toArray(UUID[]::new)))
                        .toList())
                .execute();
        database.batchInsert(beds.stream()
                        .flatMap(bed -> bed.revisions().stream().map(revision -> record(garden, bed.id(), revision)))
                        .toList())
                .execute();
        database.batchInsert(beds.stream()
                        .flatMap(bed -> bed.revisions().stream()
                                .flatMap(revision -> keyholes(garden, bed.id(), revision).stream()))
                        .toList())
                .execute();
    }

    /** Revisions and keyholes go with their bed. */
    @Override
    public void update(DSLContext database, UUID garden, Plan before, Plan after) {
        List<UUID> gone = KeyedRows.missing(before.beds(), after.beds()).stream()
                .map(Bed::id)
                .toList();
        if (!gone.isEmpty()) {
            database.deleteFrom(BED)
                    .where(BED.GARDEN.eq(garden))
                    .and(BED.ID.in(gone))
                    .execute();
        }
        insert(database, garden, KeyedRows.missing(after.beds(), before.beds()));
    }

    private static BedRevision revision(Record row) {
        Point centre =
                new Point(new Length(row.get(BED_REVISION.CENTRE_X)), new Length(row.get(BED_REVISION.CENTRE_Y)));
        Rectangle outline = new Rectangle(
                centre,
                new Length(row.get(BED_REVISION.LENGTH)),
                new Length(row.get(BED_REVISION.WIDTH)),
                row.get(BED_REVISION.TURN));
        List<Keyhole> keyholes = row.get(KEYHOLES)
                .map(k -> new Keyhole(
                        k.get(KEYHOLE.SIDE),
                        new Length(k.get(KEYHOLE.AT)),
                        new Length(k.get(KEYHOLE.WIDTH)),
                        new Length(k.get(KEYHOLE.DEPTH))));
        return new BedRevision(
                row.get(BED_REVISION.FROM_SEASON),
                outline,
                new Shape(form(row), keyholes),
                frame(row),
                row.get(BED_REVISION.EXISTING),
                build(row));
    }

    private static Build build(Record row) {
        Optional<Cap> cap = Optional.ofNullable(row.get(BED_REVISION.CAP_WIDTH))
                .map(width -> new Cap(new Length(width), row.get(BED_REVISION.CAP_LEANED_ON)));
        return new Build(
                Optional.ofNullable(row.get(BED_REVISION.KIT)).map(Kit::of),
                cap,
                new Length(row.get(BED_REVISION.LEGS)),
                new Length(row.get(BED_REVISION.MOUND)),
                new Length(row.get(BED_REVISION.OVERHANG)),
                filling(row),
                fittings(row),
                Optional.ofNullable(row.get(BED_REVISION.WALL))
                        .map(kind -> new Wall(Masonry.valueOf(kind), row.get(BED_REVISION.WALL_COURSES))),
                Optional.ofNullable(row.get(BED_REVISION.DROP_ALONG))
                        .map(along ->
                                new GroundFall(new Length(along), new Length(row.get(BED_REVISION.DROP_ACROSS)))));
    }

    private static Optional<Fittings> fittings(Record row) {
        return Optional.ofNullable(row.get(BED_REVISION.POSTS))
                .map(posts -> new Fittings(
                        Fittings.CornerPost.valueOf(posts),
                        Fittings.Support.valueOf(row.get(BED_REVISION.SUPPORT)),
                        row.get(BED_REVISION.LINER),
                        Fittings.Underlay.valueOf(row.get(BED_REVISION.UNDERLAY))));
    }

    private static Optional<Filling> filling(Record row) {
        String[] goods = row.get(BED_REVISION.FILL_GOOD);
        if (goods == null) {
            return Optional.empty();
        }
        List<Filling.MixPart> parts = new ArrayList<>();
        for (int i = 0; i < goods.length; i++) {
            parts.add(new Filling.MixPart(BulkGood.valueOf(goods[i]), row.get(BED_REVISION.FILL_PARTS)[i]));
        }
        return Optional.of(new Filling(
                parts,
                Optional.ofNullable(row.get(BED_REVISION.BELOW_GOOD))
                        .map(good -> new Filling.Below(BulkGood.valueOf(good), row.get(BED_REVISION.BELOW_PERCENT)))));
    }

    private static Form form(Record row) {
        return switch (row.get(BED_REVISION.FORM)) {
            case "ELL" ->
                new Form.Ell(
                        new Length(row.get(BED_REVISION.ARM_ALONG)),
                        new Length(row.get(BED_REVISION.ARM_ACROSS)),
                        row.get(BED_REVISION.ARM_RIGHT));
            case "COMB" ->
                new Form.Comb(
                        row.get(BED_REVISION.FINGERS),
                        new Length(row.get(BED_REVISION.SPINE)),
                        new Length(row.get(BED_REVISION.FINGER)));
            case "OCTAGON" -> new Form.Octagon(new Length(row.get(BED_REVISION.CORNER_CUT)));
            case "FREE" ->
                new Form.FreeForm(Columns.points(row.get(BED_REVISION.CORNER_X), row.get(BED_REVISION.CORNER_Y)));
            default -> Form.RECTANGLE;
        };
    }

    private static Optional<Frame> frame(Record row) {
        return Optional.ofNullable(row.get(BED_REVISION.MATERIAL))
                .map(material -> new Frame(
                        Material.of(material),
                        Board.of(row.get(BED_REVISION.BOARD)),
                        row.get(BED_REVISION.COURSES),
                        Joint.valueOf(row.get(BED_REVISION.JOINT))));
    }

    private static BedRevisionRecord record(UUID garden, UUID bed, BedRevision revision) {
        BedRevisionRecord row = new BedRevisionRecord();
        row.setGarden(garden);
        row.setBed(bed);
        row.setFromSeason(revision.from());
        row.setCentreX(revision.outline().centre().x().micrometres());
        row.setCentreY(revision.outline().centre().y().micrometres());
        row.setLength(revision.outline().length().micrometres());
        row.setWidth(revision.outline().width().micrometres());
        row.setTurn(revision.outline().turn());
        row.setExisting(revision.existing());
        setForm(row, revision.shape().form());
        revision.frame().ifPresent(frame -> setFrame(row, frame));
        setBuild(row, revision.build());
        return row;
    }

    private static List<KeyholeRecord> keyholes(UUID garden, UUID bed, BedRevision revision) {
        List<KeyholeRecord> rows = new ArrayList<>();
        for (Keyhole keyhole : revision.shape().keyholes()) {
            rows.add(new KeyholeRecord(
                    garden,
                    bed,
                    revision.from(),
                    rows.size(),
                    keyhole.side(),
                    keyhole.at().micrometres(),
                    keyhole.width().micrometres(),
                    keyhole.depth().micrometres()));
        }
        return rows;
    }

    private static void setForm(BedRevisionRecord row, Form form) {
        row.setForm("RECTANGLE");
        if (form instanceof Form.Ell ell) {
            row.setForm("ELL");
            row.setArmAlong(ell.along().micrometres());
            row.setArmAcross(ell.across().micrometres());
            row.setArmRight(ell.right());
        } else if (form instanceof Form.Comb comb) {
            row.setForm("COMB");
            row.setFingers(comb.fingers());
            row.setSpine(comb.spine().micrometres());
            row.setFinger(comb.finger().micrometres());
        } else if (form instanceof Form.Octagon octagon) {
            row.setForm("OCTAGON");
            row.setCornerCut(octagon.corner().micrometres());
        } else if (form instanceof Form.FreeForm free) {
            row.setForm("FREE");
            row.setCornerX(Columns.xs(free.places()));
            row.setCornerY(Columns.ys(free.places()));
        }
    }

    private static void setFrame(BedRevisionRecord row, Frame frame) {
        row.setMaterial(frame.material().key());
        row.setBoard(frame.board().key());
        row.setCourses(frame.courses());
        row.setJoint(frame.joint().name());
    }

    private static void setBuild(BedRevisionRecord row, Build build) {
        build.kit().ifPresent(kit -> row.setKit(kit.key()));
        build.cap().ifPresent(cap -> {
            row.setCapWidth(cap.width().micrometres());
            row.setCapLeanedOn(cap.leanedOn());
        });
        row.setLegs(build.legs().micrometres());
        row.setMound(build.mound().micrometres());
        row.setOverhang(build.overhang().micrometres());
        build.wall().ifPresent(wall -> {
            row.setWall(wall.kind().name());
            row.setWallCourses(wall.courses());
        });
        build.drop().ifPresent(drop -> {
            row.setDropAlong(drop.along().micrometres());
            row.setDropAcross(drop.across().micrometres());
        });
        build.fittings().ifPresent(fittings -> {
            row.setPosts(fittings.posts().name());
            row.setSupport(fittings.support().name());
            row.setLiner(fittings.liner());
            row.setUnderlay(fittings.underlay().name());
        });
        build.filling().ifPresent(filling -> {
            row.setFillGood(
                    filling.parts().stream().map(part -> part.good().name()).toArray(String[]::new));
            row.setFillParts(
                    filling.parts().stream().map(Filling.MixPart::parts).toArray(Integer[]::new));
            filling.below().ifPresent(below -> {
                row.setBelowGood(below.good().name());
                row.setBelowPercent(below.percent());
            });
        });
    }
}
