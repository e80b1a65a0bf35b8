package fairacre.cost;

import fairacre.frame.CutList;
import fairacre.plan.Board;
import fairacre.plan.Material;

/** How the boards of one kind that are bought in a season are cut. */
public record CuttingPlan(int season, Material material, Board board, CutList cutList) {}
