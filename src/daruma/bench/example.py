"""What a shop's rates and wishes make of an example: a cracked display, a used genuine panel at hand."""

from msgspec import Struct

from daruma.bench.kinds import room as bench_room
from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job, Ticket
from daruma.core.kinds import room
from daruma.core.kinds.display.facts import OriginalState, PanelKind
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.plan.case import Case
from daruma.core.plan.planner import make_plan
from daruma.core.settings import Settings

MODEL = "cedar_l"


class Example(Struct, frozen=True):
    """Hold the best way of the example, what it takes, and what it is worth to the shop."""

    case: str
    way: str
    minutes: float
    cost: float
    value: float

    def words(self, money: str) -> str:
        """Return the example in a line."""
        if not self.way:
            return tr("no way is worth it")
        return tr(
            "{way}, {minutes:.0f} min, {cost:.0f} {money}, worth {worth:.0f} {money}",
            way=self.way,
            minutes=self.minutes,
            cost=self.cost,
            money=money,
            worth=self.value,
        )


def example(settings: Settings, catalogue: Catalogue) -> Example:
    """Return what the planner makes of the example with a shop's settings."""
    model = catalogue.models.get(MODEL) or next(iter(catalogue.models.values()))
    ticket = DisplayTicket("", OriginalState.UNTRIED, kind=PanelKind.GENUINE_USED, maker=model.makers[0])
    job = Job(0, "", Ticket(model.key, parts={PartKind.DISPLAY: ticket}))
    case = Case(
        model,
        model.first_system,
        room(PartKind.DISPLAY).functions,
        {PartKind.DISPLAY: bench_room(PartKind.DISPLAY).bare(job)},
        system_name=catalogue.system,
        kit=settings.kit,
        preferences=settings.preferences,
        rules=catalogue.rules,
    )
    plan = make_plan(case, catalogue.figures)
    named = tr("{model}, display broken, a used genuine panel at hand", model=model.name)
    if plan.advice.next is None or not plan.routes:
        return Example(named, "", 0, 0, 0)
    route = plan.routes[0]
    return Example(named, route.way, route.minutes, route.cost, plan.advice.value)
