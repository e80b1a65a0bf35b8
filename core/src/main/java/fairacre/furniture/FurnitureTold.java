package fairacre.furniture;

import fairacre.furniture.Furniture.BoardPart;
import fairacre.furniture.Furniture.SheetRow;
import fairacre.measure.Area;
import fairacre.measure.Pressure;
import fairacre.measure.Volume;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is told of furniture.
 *
 * @param boards what it is cut from
 * @param sheets what it is cut from
 * @param mesh zero but for a leaf bin
 * @param kilograms of it alone
 * @param holds what a leaf bin holds; empty for others
 * @param barrels that have room on a stand; 0 on others
 * @param pressure of its feet on the ground below full barrels; empty for others
 * @param cautions to be read before it is built and used
 */
public record FurnitureTold(
        UUID furniture,
        List<BoardPart> boards,
        List<SheetRow> sheets,
        Area mesh,
        double kilograms,
        Optional<Volume> holds,
        int barrels,
        Optional<Pressure> pressure,
        List<String> cautions) {}
