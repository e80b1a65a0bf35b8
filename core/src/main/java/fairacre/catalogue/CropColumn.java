package fairacre.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The figures of a crop, as the columns of a table. Their heads say the unit. */
public enum CropColumn {
    FAMILY("family", CropValues.choice(Family.class, Family::label)),
    HABIT("habit", CropValues.choice(Habit.class, Habit::label)),
    IN_ROW("in row cm", CropValues.figure(1, 500)),
    BETWEEN("between rows cm", CropValues.figure(1, 500)),
    TO_THE_FOOT("to the square foot", CropValues.whole(1, 64)),
    HEIGHT("height cm", CropValues.number(1, 600)),
    SPREAD("spread cm", CropValues.number(1, 600)),
    STOCK("comes as", CropValues.choice(PlantStock.class, PlantStock::label)),
    INDOORS("weeks indoors", CropValues.whole(1, 30)),
    FROM("weeks from last frost", CropValues.whole(-52, 52)),
    DEPTH("depth mm", CropValues.whole(0, 300)),
    GERMINATION("days to germinate", CropValues.whole(1, 90)),
    SOIL("soil from C", CropValues.whole(0, 35)),
    FROM_SOWING("days from sowing", CropValues.figure(10, 1000)),
    FROM_PLANTING("days from planting", CropValues.figure(10, 1000)),
    HARDINESS("hardiness", CropValues.choice(Hardiness.class, Hardiness::label)),
    SUN("sun h", CropValues.whole(0, 16)),
    KC_FIRST("Kc first", CropValues.number(0.1, 1.5)),
    KC_MIDDLE("Kc middle", CropValues.number(0.1, 1.5)),
    KC_LAST("Kc last", CropValues.number(0.1, 1.5)),
    ROOTS("roots cm", CropValues.number(5, 300)),
    FEEDING("feeding", CropValues.choice(Feeding.class, Feeding::label)),
    YIELD("yield kg/m2", CropValues.figure(0, 50)),
    KEEPS("keeps weeks", CropValues.whole(0, 60)),
    HILLED("hilled", CropValues.yesOrNo()),
    NET("net", CropValues.yesOrNo()),
    OVERHEAD("overhead", CropValues.yesOrNo()),
    FIRST_CROP("years to first crop", CropValues.whole(0, 20)),
    LIFE("lives years", CropValues.whole(1, 30)),
    COMES_UP("germination %", CropValues.number(1, 100)),
    PACKET("seeds in a packet", CropValues.whole(1, 100_000)),
    SEED_KEEPS("seed keeps years", CropValues.whole(1, 20)),
    EATEN("eaten kg", CropValues.number(0, 500));

    private final String head;
    private final CropValues takes;

    CropColumn(String head, CropValues takes) {
        this.head = head;
        this.takes = takes;
    }

    /** The head of the column in a file. */
    public String head() {
        return head;
    }

    /** What may stand in it. */
    public CropValues takes() {
        return takes;
    }

    public static Optional<CropColumn> headed(String head) {
        return Arrays.stream(values())
                .filter(column -> column.head.equalsIgnoreCase(head.strip()))
                .findFirst();
    }

    /** In the order of a file. */
    public static List<CropColumn> all() {
        return List.of(values());
    }
}
