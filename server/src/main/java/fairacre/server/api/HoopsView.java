package fairacre.server.api;

import fairacre.hoop.BowForm;
import fairacre.hoop.HoopAnchor;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopWeather;
import fairacre.measure.Length;
import fairacre.over.Fabric;
import java.util.Arrays;
import java.util.List;

/** What hoops can be made of. */
record HoopsView(
        List<BowFormView> forms,
        List<HoopPipeView> pipes,
        List<HoopAnchorView> anchors,
        List<HoopWeatherView> weathers,
        List<FabricView> covers) {

    static final HoopsView ALL = new HoopsView(
            Arrays.stream(BowForm.values())
                    .map(form -> new BowFormView(form, form.label()))
                    .toList(),
            Arrays.stream(HoopPipe.values())
                    .map(pipe -> new HoopPipeView(pipe, pipe.label(), pipe.tightest(), pipe.staysBent(), pipe.years()))
                    .toList(),
            Arrays.stream(HoopAnchor.values())
                    .map(anchor -> new HoopAnchorView(anchor, anchor.label()))
                    .toList(),
            Arrays.stream(HoopWeather.values())
                    .map(weather -> new HoopWeatherView(weather, weather.label(), weather.apart(), weather.ties()))
                    .toList(),
            Arrays.stream(Fabric.values()).map(FabricView::of).toList());

    record BowFormView(BowForm key, String label) {}

    record HoopPipeView(HoopPipe key, String label, Length tightest, boolean staysBent, int years) {}

    record HoopAnchorView(HoopAnchor key, String label) {}

    record HoopWeatherView(HoopWeather key, String label, Length apart, int ties) {}
}
