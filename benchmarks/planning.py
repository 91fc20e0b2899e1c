"""How long planning takes: every shipped case and a what-if beside an empty plan, and how the cost grows.

Times are medians of several runs in this process; what counts are the ratios to the smallest case. As in the window, the
collector does not run meanwhile. The growth is told with memory: what a process holds at most that does nothing but plan.
"""

import gc
import multiprocessing
import statistics
import time
from collections.abc import Callable, Mapping
from contextlib import suppress
from pathlib import Path

from msgspec.structs import replace

from daruma.bench.kinds import room as bench_room
from daruma.catalogue.loader import load_catalogue
from daruma.core.job import Job
from daruma.core.kinds import KINDS, promisable, room
from daruma.core.kinds.display.facts import ChipPlace, DisplayFacts, NewPanel, OriginalState, PanelKind
from daruma.core.kinds.sensor_flex import FlexFacts, FlexState
from daruma.core.parts import Function, PartKind, Version
from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.case import Case
from daruma.core.plan.knowing import worth_knowing
from daruma.core.plan.planner import First, Plan, make_plan
from daruma.core.plan.setting import bench_actions
from daruma.core.plan.whatif import changed
from daruma.handover.casefile import case_from, read_case

ROUNDS = 7
MOST_MS = 20_000.0
# what the planner cost before parts were planned apart and bounds looked ahead, as ratios, measured the same way
BEFORE = {
    "four, 2 panels": 463,
    "five, worn flex, one panel": 1179,
    "everything broken, three panels": 8652,
    "2 kinds of parts broken": 671,
    "4 kinds of parts broken": 952,
    "7 kinds of parts broken": 1529,
}
CASES = Path(__file__).parents[1] / "examples" / "cases"


def median(work: Callable[..., object], *given: object) -> float:
    """Return the median time in milliseconds."""
    times: list[float] = []
    while len(times) < ROUNDS and sum(times) < MOST_MS:
        start = time.perf_counter()
        work(*given)
        times.append(1000 * (time.perf_counter() - start))
    return statistics.median(times)


class Enough(Exception):
    """Stop a plan: what was asked of it is there."""


def first_answer(case: Case, figures: Mapping[str, ActionFigures]) -> None:
    """Plan until a first answer is told, or the whole plan is there."""

    def told(_: First) -> None:
        raise Enough

    with suppress(Enough):
        make_plan(case, figures, told=told)


def knowing(case: Case, figures: Mapping[str, ActionFigures], plan: Plan) -> None:
    """Find out what is worth knowing of a case that was planned."""
    worth_knowing(case, figures, plan=plan)


def held(case: Case, figures: Mapping[str, ActionFigures]) -> float:
    """Return what a process of its own holds at most while it plans, in MB."""
    with multiprocessing.get_context("spawn").Pool(1) as pool:
        return pool.apply(_held, (case, figures))


def _held(case: Case, figures: Mapping[str, ActionFigures]) -> float:
    gc.disable()
    make_plan(case, figures)
    status = Path("/proc/self/status").read_text(encoding="ascii")
    return int(status.split("VmHWM:")[1].split()[0]) / 1024


def main() -> None:
    """Print the tables."""
    gc.disable()
    catalogue = load_catalogue()
    base = Case(catalogue.models["cedar_l"], Version(4, 6), promisable()[:1], PARTS, rules=catalogue.rules)
    floor = median(make_plan, replace(base, promised=(), parts={}), catalogue.figures)
    print(f"a plan with nothing to decide: {floor:.1f} ms")
    print("\ncase                             plan ms   ratio   what-if ms   worth knowing ms")
    for path in sorted(CASES.glob("*.json")):
        case, figures = case_from(read_case(path), catalogue, path.name)
        plan = median(make_plan, case, figures)
        asked = changed(case, "runs", "no" if case.runs else "yes")
        ask = median(make_plan, asked, figures)
        know = median(knowing, case, figures, make_plan(case, figures))
        print(f"{path.stem:32} {plan:7.1f} {plan / floor:7.1f} {ask:12.1f} {know:18.1f}")
    head = "actions   states   first ms   plan ms   ratio   before   worth knowing ms   gap €      MB"
    print(f"\n{'growth':34}{head}")
    for words, case in growing(base):
        count = sum(not action.impossible for action in bench_actions(case, catalogue.figures))
        first = median(first_answer, case, catalogue.figures)
        took = median(make_plan, case, catalogue.figures)
        know = median(knowing, case, catalogue.figures, make_plan(case, catalogue.figures))
        advice = make_plan(case, catalogue.figures).advice
        ratios = f"{took / floor:7.1f} {BEFORE.get(words, '-'):>8}"
        row = f"{words:32} {count:8} {advice.states:8} {first:10.1f} {took:9.1f} {ratios} {know:18.1f}"
        print(f"{row} {advice.gap:7.1f} {held(case, catalogue.figures):7.0f}", flush=True)
        gc.collect()


PARTS = {PartKind.DISPLAY: DisplayFacts(), PartKind.SENSOR_FLEX: FlexFacts()}


def growing(base: Case) -> list[tuple[str, Case]]:
    """Return cases with more and more to decide, up to a phone on which everything is broken at once."""
    panels = (
        NewPanel(price=70, hidden_past=True),
        NewPanel(PanelKind.READY_CODED, price=30, brand=None),
        NewPanel(PanelKind.AFTERMARKET, price=25),
    )
    display = DisplayFacts(OriginalState.UNTRIED, ChipPlace.ON_ORIGINAL, panels, True, True, True)
    worn, four, late = FlexFacts(FlexState.WORN, earlier_backup=True), promisable()[:4], Version(5, 4)
    five = (*four, Function.FACE_UNLOCK)

    def broken(promised: tuple[Function, ...], flex: FlexFacts, **changes: object) -> Case:
        parts = {PartKind.DISPLAY: replace(display, **changes), PartKind.SENSOR_FLEX: flex}
        return replace(base, system=late, promised=promised, parts=parts)

    def kinds(count: int) -> Case:
        some = tuple(KINDS)[:count]
        parts = {kind: bench_room(kind).bare(Job(1, "").with_ticket(room(kind).ticket())) for kind in some}
        parts[PartKind.DISPLAY] = replace(display, panels=panels[:1])
        if PartKind.SENSOR_FLEX in parts:
            parts[PartKind.SENSOR_FLEX] = worn
        promised = tuple(function for kind in some for function in room(kind).functions)
        return replace(base, promised=promised, parts=parts)

    everything = kinds(len(KINDS))
    return [
        ("one promise", base),
        ("four promises", replace(base, promised=four)),
        ("four, finishing open", replace(base, promised=four, system=late)),
        *((f"four, {count} panels", broken(four, FlexFacts(), panels=panels[:count])) for count in (1, 2, 3)),
        ("five, worn flex, one panel", broken(five, worn, panels=panels[:1])),
        ("everything broken, three panels", broken(five, worn)),
        ("the same, chip moved already", broken(five, worn, chip=ChipPlace.MOVED)),
        *((f"{count} kinds of parts broken", kinds(count)) for count in range(1, len(KINDS) + 1)),
        *((f"all kinds, {count} promises", replace(everything, promised=everything.promised[:count])) for count in range(1, 11)),
    ]


if __name__ == "__main__":
    main()
