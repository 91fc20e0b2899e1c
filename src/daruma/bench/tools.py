"""Which ways each tool of the bench opens: found by taking it away, never kept as a list."""

from collections.abc import Iterable, Iterator, Mapping
from itertools import chain

from msgspec.structs import replace

from daruma.bench.kinds import room as bench_room
from daruma.core.job import Job, Ticket
from daruma.core.kinds import KINDS, promisable, room
from daruma.core.language import inner
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.case import Case
from daruma.core.plan.kit import Kit
from daruma.core.plan.setting import bench_actions

SOCKETS = "memory_sockets"
TOOLS = ("hot_air", "grinder", "ear_adapter", "spare_flex", "network", "welder", SOCKETS)


def opened_by(models: Iterable[Model], figures: Mapping[str, ActionFigures]) -> dict[str, tuple[str, ...]]:
    """Return by the name of each tool the ways that are barred without it, for some models.

    Of a tool that another one can stand in for, they are those that are barred without both.
    """
    cases = [case for model in _different(models) for kind in KINDS for case in _cases(model, kind)]
    bars = Bars(figures)
    found = {tool: _once(_more(bars.of(_lacking(case, tool)), bars.of(case)) for case in cases) for tool in TOOLS}
    for tool in (tool for tool, ways in found.items() if not ways):
        beside = [_lacking(case, other) for case in cases if case.model is cases[0].model for other in TOOLS if other != tool]
        found[tool] = _once(_more(bars.of(_lacking(case, tool)), bars.of(case)) for case in beside)
    return found


def _different(models: Iterable[Model]) -> list[Model]:
    """Return a model for each memory package: nothing else of a model asks for a tool of its own."""
    return list({model.memory_package: model for model in models}.values())


def _cases(model: Model, kind: PartKind) -> Iterator[Case]:
    """Yield cases in which one part is on the table, in each state that can be asked about."""
    job = Job(0, "", Ticket(model.key, parts={kind: room(kind).ticket()}))
    kit = Kit(memory_sockets=frozenset({model.memory_package}))
    case = Case(model, model.last_system, promisable(), {kind: bench_room(kind).bare(job)}, kit=kit)
    yield case
    for ask in room(kind).asks:
        for option in ask.options(case) if ask.there(case) else ():
            yield ask.change(case, option)


def _once(found: Iterable[Iterable[str]]) -> tuple[str, ...]:
    return tuple(dict.fromkeys(chain.from_iterable(found)))


class Bars:
    """Count the bars on each way of a case; on an action of no way of its own they count by its title."""

    def __init__(self, figures: Mapping[str, ActionFigures]) -> None:
        self._figures = figures

    def of(self, case: Case) -> dict[str, int]:
        """Return how many bars there are, by the words of the way."""
        found: dict[str, int] = {}
        for action in bench_actions(case, self._figures):
            words = action.way or inner(action.figures.title)
            found[words] = found.get(words, 0) + len(action.bars)
        return found


def _lacking(case: Case, tool: str) -> Case:
    return replace(case, kit=replace(case.kit, **{tool: frozenset() if tool == SOCKETS else False}))


def _more(bars: Mapping[str, int], usual: Mapping[str, int]) -> list[str]:
    return [words for words, count in bars.items() if count > usual.get(words, count)]
