package fairacre.format;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import fairacre.plan.Change;
import fairacre.plan.GroundChange;
import fairacre.plan.PurseChange;
import tools.jackson.databind.annotation.JsonTypeIdResolver;

/**
 * The property that tells which change it is, and the names of the kinds. Things that are put in and taken out come
 * besides: "PutWalk", "RemoveWalk" and so on for each of {@link fairacre.plan.Things#ALL}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "kind")
@JsonTypeIdResolver(ChangeIds.class)
@JsonSubTypes({
    @JsonSubTypes.Type(value = Change.PlaceBed.class, name = "PlaceBed"),
    @JsonSubTypes.Type(value = Change.RemoveBed.class, name = "RemoveBed"),
    @JsonSubTypes.Type(value = Change.MoveBed.class, name = "MoveBed"),
    @JsonSubTypes.Type(value = Change.ReshapeBed.class, name = "ReshapeBed"),
    @JsonSubTypes.Type(value = Change.MarkExisting.class, name = "MarkExisting"),
    @JsonSubTypes.Type(value = Change.ReframeBed.class, name = "ReframeBed"),
    @JsonSubTypes.Type(value = Change.RebuildBed.class, name = "RebuildBed"),
    @JsonSubTypes.Type(value = Change.ReviseBed.class, name = "ReviseBed"),
    @JsonSubTypes.Type(value = Change.DropRevision.class, name = "DropRevision"),
    @JsonSubTypes.Type(value = Change.RescheduleRevision.class, name = "RescheduleRevision"),
    @JsonSubTypes.Type(value = Change.RenameBed.class, name = "RenameBed"),
    @JsonSubTypes.Type(value = Change.TendBed.class, name = "TendBed"),
    @JsonSubTypes.Type(value = Change.RetireBed.class, name = "RetireBed"),
    @JsonSubTypes.Type(value = Change.SetBudget.class, name = "SetBudget"),
    @JsonSubTypes.Type(value = Change.SetPrice.class, name = "SetPrice"),
    @JsonSubTypes.Type(value = Change.ClearPrice.class, name = "ClearPrice"),
    @JsonSubTypes.Type(value = Change.SetSite.class, name = "SetSite"),
    @JsonSubTypes.Type(value = Change.DescribeGarden.class, name = "DescribeGarden"),
    @JsonSubTypes.Type(value = GroundChange.SetLevels.class, name = "SetLevels"),
    @JsonSubTypes.Type(value = GroundChange.SetSoil.class, name = "SetSoil"),
    @JsonSubTypes.Type(value = PurseChange.PutSupply.class, name = "PutSupply"),
    @JsonSubTypes.Type(value = PurseChange.PutWorkshop.class, name = "PutWorkshop"),
    @JsonSubTypes.Type(value = PurseChange.PutOff.class, name = "PutOff"),
    @JsonSubTypes.Type(value = Change.TakeOver.class, name = "TakeOver"),
    @JsonSubTypes.Type(value = Change.Batch.class, name = "Batch")
})
public interface ChangeKinds {}
