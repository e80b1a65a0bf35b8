package fairacre.catalogue;

import fairacre.parts.Part;
import java.util.List;

/** A table of crops that ships with the program. */
public interface CropTable extends Part {

    /** In the order of the table. */
    List<CropRow> rows();
}
