"""From a job and the shop's store to what the planner knows of its display."""

from collections.abc import Sequence

from msgspec.structs import replace

from daruma.bench.doing import Doing
from daruma.bench.kinds.display.writing import MAKER
from daruma.bench.kinds.room import Chosen
from daruma.bench.writing import budget_of
from daruma.core.acts import ActState
from daruma.core.backup import Backup
from daruma.core.job import Job
from daruma.core.kinds.display import panel_taken
from daruma.core.kinds.display.facts import DisplayFacts, NewPanel, PanelKind, PanelRecord, facts_of
from daruma.core.kinds.display.steps import WRITES
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.known import KnownPart
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.plan.case import Case
from daruma.core.plan.routes import Route
from daruma.core.records import FieldRole
from daruma.core.shelf import ShelfPart
from daruma.core.tri import Tri
from daruma.store.shop import Shop

OTHER_PANELS = 1  # panels from the shelf that are weighed beside the one in hand
_ANYBODY = tr("another maker")


def bare(job: Job) -> DisplayFacts:
    """Return what the ticket says of the display."""
    ticket = job.ticket.of(DisplayTicket)
    return DisplayFacts(ticket.original, ticket.chip, (NewPanel(ticket.kind, _maker(job, ticket.die), die=ticket.die),))


def _maker(job: Job, die: str) -> str:
    """Return whose panel the one in hand is: as it said of itself, else by the ticket."""
    target = job.of(DisplayWork).target
    return (target.maker if target is not None and target.die == die else "") or job.ticket.of(DisplayTicket).maker


def at_most(display: DisplayFacts) -> DisplayFacts:
    """Return the facts with which every step is there that there could be: a panel by another maker than the record's."""
    return replace(display, source_maker=_ANYBODY)


def known_facts(doing: Doing, job: Job, display: DisplayFacts, kept: Sequence[Backup]) -> DisplayFacts:
    """Return the facts with what store and shelf know; `kept` are the backups of the phone's parts."""
    known, model = doing.known(job).of(PartKind.DISPLAY), doing.model(job)
    mine = [backup for backup in kept if backup.content.part_kind == PartKind.DISPLAY.value]
    return replace(
        display,
        panels=_panels(job, model, doing.shop, known),
        earlier_backup=any(not job.owns(backup.content.job) for backup in mine),
        complete_record=_has_complete_record(doing.shop, model, job),
        source_maker=_source_maker(known, mine),
        serial_on_paper=bool(job.ticket.of(DisplayTicket).paper_serial),
    )


def _source_maker(known: KnownPart, kept: Sequence[Backup]) -> str:
    """Return whose panel the display's data are of: the record that the job works with, else the newest one kept before."""
    if known.source is not None:
        return "" if known.own else str(known.source.values.get(MAKER) or "")
    return kept[0].content.maker if kept else ""


def counts(job: Job, known: KnownPart, done: tuple[tuple[str, bool], ...]) -> tuple[tuple[str, bool], ...]:
    """Return what was done; where a tuned write left a spoilt record, no earlier write of this panel counts as done."""
    spoilt = bool(job.of(DisplayWork).made) and known.target is not None and _record(known) is not PanelRecord.COMPLETE
    return tuple((key, good) for key, good in done if not (spoilt and key in WRITES))


def _panels(job: Job, model: Model, shop: Shop, known: KnownPart) -> tuple[NewPanel, ...]:
    first = replace(panel_of(shop, model, job), record=_record(known), locked=_locked(job), touch_flex_replaced=_locked(job))
    return (first, *_others(shop, model, job))


def _locked(job: Job) -> Tri:
    return {Tri.YES: Tri.NO, Tri.NO: Tri.YES}.get(job.ticket.of(DisplayTicket).donor, Tri.UNKNOWN)


def _record(known: KnownPart) -> PanelRecord | None:
    """Return what a panel that was read carried; a written one is told by the history of the steps."""
    if known.target is None:
        return None
    if known.target.complete(FieldRole.CALIBRATION) and known.target.complete(FieldRole.IDENTITY):
        return PanelRecord.COMPLETE
    return PanelRecord.PARTIAL if known.target.complete(FieldRole.IDENTITY) else PanelRecord.BLANK


def panel_of(shop: Shop, model: Model, job: Job, part: ShelfPart | None = None) -> NewPanel:
    """Return the panel in hand, or one from the shelf, as the planner sees it."""
    ticket = job.ticket.of(DisplayTicket)
    die = part.die if part else ticket.die
    shelf = part or next((p for p in shop.shelf.all() if die and p.die == die), None)
    kind = PanelKind(part.kind) if part else ticket.kind
    maker = part.maker if part else _maker(job, die)
    acts = shop.journal.acts_on(die) if die else ()
    budget = budget_of(shop, model.write_limits, die)
    return NewPanel(
        kind,
        maker,
        price=shelf.price if shelf else 0.0,
        # what the part itself has said ends the guessing
        counted=max(model.write_limits, default=0) if budget.spent else budget.counted,
        last_write_failed=bool(acts) and acts[-1].state in (ActState.FAILED, ActState.IN_DOUBT),
        hidden_past=kind is PanelKind.GENUINE_USED and bool(model.write_limits),
        die=die,
    )


def _others(shop: Shop, model: Model, job: Job) -> tuple[NewPanel, ...]:
    """Return free panels of model and maker from the shelf (another maker's takes no record), another kind first."""
    ticket = job.ticket.of(DisplayTicket)
    free = [p for p in shop.shelf.all() if p.part is PartKind.DISPLAY and p.model == model.key and p.free and p.die != ticket.die]
    free = [part for part in free if part.maker == ticket.maker]
    free.sort(key=lambda part: (part.kind == ticket.kind.value, part.price))
    return tuple(panel_of(shop, model, job, part) for part in free[:OTHER_PANELS])


def _has_complete_record(shop: Shop, model: Model, job: Job) -> bool:
    layout = model.layout(PartKind.DISPLAY).name
    maker = job.ticket.of(DisplayTicket).maker
    found = shop.vault.find(layout=layout, maker=maker, limit=50) if maker else ()
    return any(not job.owns(b.content.job) and not b.purged for b in found)


def chosen(job: Job, route: Route, case: Case) -> Chosen:
    """Return the job with the panel that a route takes on its ticket; a panel changed on the ticket is a fresh one, too."""
    if PartKind.DISPLAY not in job.ticket.parts:
        return Chosen(job)
    fresh = job.has_changed(PartKind.DISPLAY)
    taken = panel_taken(route.actions)
    if taken:
        panel = facts_of(case).panels[taken]
        ticket = job.ticket.of(DisplayTicket)
        job = job.with_ticket(replace(ticket, die=panel.die, kind=panel.kind, maker=panel.maker, donor=Tri.UNKNOWN))
        fresh = True
    if fresh:
        job = job.having(replace(job.of(DisplayWork), target=None, image=""))
    return Chosen(job, fresh, bool(taken))
