"""How long planning takes: every shipped case and a what-if beside an empty plan, and how the cost grows.

Times are medians of several runs in this process; what counts are the ratios to the smallest case.
"""

import statistics
import time
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from daruma.catalogue.loader import load_catalogue
from daruma.core.parts import Version
from daruma.core.plan.case import PLANNED, Case, ChipPlace, FlexState, NewPanel, OriginalState, PanelKind
from daruma.core.plan.knowing import worth_knowing
from daruma.core.plan.planner import bench_actions, make_plan, problem_of
from daruma.core.plan.policy import Policy
from daruma.core.plan.whatif import changed
from daruma.handover.casefile import case_from, read_case

ROUNDS = 7
MOST_MS = 20_000.0
CASES = Path(__file__).parents[1] / "examples" / "cases"


def median(work: Callable[..., object], *given: object) -> float:
    """Return the median time in milliseconds."""
    times: list[float] = []
    while len(times) < ROUNDS and sum(times) < MOST_MS:
        start = time.perf_counter()
        work(*given)
        times.append(1000 * (time.perf_counter() - start))
    return statistics.median(times)


def main() -> None:
    """Print the tables."""
    catalogue = load_catalogue()
    base = Case(catalogue.models["cedar_l"], Version(4, 6), PLANNED[:1], rules=catalogue.rules)
    floor = median(make_plan, replace(base, promised=(), panels=()), catalogue.figures)
    print(f"a plan with nothing to decide: {floor:.1f} ms")
    print("\ncase                             plan ms   ratio   what-if ms   worth knowing ms")
    for path in sorted(CASES.glob("*.json")):
        case, figures = case_from(read_case(path), catalogue, path.name)
        plan = median(make_plan, case, figures)
        asked = changed(case, "runs", "no" if case.runs else "yes")
        ask = median(make_plan, asked, figures)
        know = median(worth_knowing, case, figures)
        print(f"{path.stem:32} {plan:7.1f} {plan / floor:7.1f} {ask:12.1f} {know:18.1f}")
    print("\ngrowth                            actions   states   plan ms   ratio")
    for words, case in growing(base):
        policy = Policy(problem_of(case, catalogue.figures), case.preferences)
        policy.value(policy.problem.start)
        count = sum(not action.impossible for action in bench_actions(case, catalogue.figures))
        took = median(make_plan, case, catalogue.figures)
        print(f"{words:32} {count:8} {policy.size():8} {took:9.1f} {took / floor:7.1f}")


def growing(base: Case) -> list[tuple[str, Case]]:
    """Return cases with more and more to decide, up to a phone on which everything is broken at once."""
    everything = replace(
        base,
        system=Version(5, 4),
        promised=PLANNED,
        original=OriginalState.UNTRIED,
        panels=(
            NewPanel(price=70, hidden_past=True),
            NewPanel(PanelKind.READY_CODED, price=30, brand=None),
            NewPanel(PanelKind.AFTERMARKET, price=25),
        ),
        flex=FlexState.WORN,
        earlier_backup=True,
        earlier_flex_backup=True,
        complete_record=True,
        serial_on_paper=True,
    )
    return [
        ("one promise", base),
        ("four promises", replace(base, promised=PLANNED[:4])),
        ("four, finishing open", replace(base, promised=PLANNED[:4], system=Version(5, 4))),
        ("four, two panels", replace(everything, promised=PLANNED[:4], flex=FlexState.SOUND, panels=everything.panels[:2])),
        ("five, worn flex, one panel", replace(everything, panels=everything.panels[:1])),
        ("everything broken, three panels", everything),
        ("the same, chip moved already", replace(everything, chip=ChipPlace.MOVED)),
    ]


if __name__ == "__main__":
    main()
