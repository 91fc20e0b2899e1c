"""From a job and the shop's store to the planner's case."""

from collections.abc import Sequence
from dataclasses import replace

from daruma.bench.writing import MAKER, budget_of
from daruma.catalogue.loader import Catalogue
from daruma.core.acts import ActState
from daruma.core.backup import Backup
from daruma.core.job import Job, Step, StepState
from daruma.core.kinds import promisable, trait
from daruma.core.kinds.display import panel_taken
from daruma.core.kinds.display.facts import DisplayFacts, NewPanel, PanelKind, PanelRecord
from daruma.core.kinds.display.facts import facts_of as display_of
from daruma.core.kinds.display.steps import WRITES
from daruma.core.kinds.sensor_flex import FlexFacts, FlexState
from daruma.core.known import Known, history, record_of_outcomes, system_of
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Function, PartKind
from daruma.core.plan.case import Case
from daruma.core.plan.routes import Route
from daruma.core.records import FieldRole
from daruma.core.shelf import ShelfPart
from daruma.core.tri import Tri
from daruma.store.preferences import ShopWays
from daruma.store.shop import Shop

OTHER_PANELS = 1  # panels from the shelf that are weighed beside the one in hand


def bare_case(job: Job, model: Model, catalogue: Catalogue) -> Case:
    """Return a job's case from the ticket alone: asks neither store nor device."""
    ticket = job.ticket
    maker = job.target.maker if job.target is not None and job.target.die == ticket.panel_die else ticket.panel_maker
    panels = () if ticket.display_stays else (NewPanel(ticket.panel_kind, maker, die=ticket.panel_die),)
    sound = ticket.before.get(Function.FACE_UNLOCK) is not Tri.NO or ticket.flex is not FlexState.SOUND
    return Case(
        model,
        system_of(job, model),
        tuple(f for f in ticket.promised if f in promisable()),
        {
            PartKind.DISPLAY: DisplayFacts(ticket.original, ticket.chip, panels),
            PartKind.SENSOR_FLEX: FlexFacts(ticket.flex),
        },
        trusted=job.trusted,
        unmet=frozenset() if sound else frozenset({Condition.DOT_MAP_READABLE}),
        system_name=catalogue.system,
        rules=catalogue.rules,
    )


def case_of(job: Job, model: Model, catalogue: Catalogue, shop: Shop, ways: ShopWays, known: Known) -> Case:
    """Return a job's case with all that the shop knows, from where its steps have brought it."""
    case = bare_case(job, model, catalogue)
    backups = [b for b in shop.vault.find(imei=job.ticket.imei or "-") if b.content.model == model.key]
    earlier = {b.content.part_kind for b in backups if not job.owns(b.content.job)}
    display = replace(
        display_of(case),
        panels=() if job.ticket.display_stays else _panels(job, model, shop, known),
        earlier_backup=PartKind.DISPLAY.value in earlier,
        complete_record=_has_complete_record(shop, model, job),
        source_maker=_source_maker(known, backups),
        serial_on_paper=bool(job.ticket.paper_serial),
    )
    flex = FlexFacts(job.ticket.flex, PartKind.SENSOR_FLEX.value in earlier)
    return replace(
        case,
        parts={PartKind.DISPLAY: display, PartKind.SENSOR_FLEX: flex},
        kit=ways.kit,
        preferences=ways.preferences,
        record=record_of_outcomes(shop.jobs.totals(), catalogue.models, model.socket),
        history=_history(job, known),
    )


def _source_maker(known: Known, backups: Sequence[Backup]) -> str:
    """Return whose panel the display's data are of: the record that the job works with, else the newest one kept before."""
    if known.source is not None:
        return "" if known.own else str(known.source.values.get(MAKER) or "")
    kept = [b.content for b in backups if b.content.part_kind == PartKind.DISPLAY.value]
    return kept[0].maker if kept else ""


def _history(job: Job, known: Known) -> tuple[tuple[str, bool], ...]:
    """Return what was done; where a tuned write left a spoilt record, no earlier write of this panel counts as done."""
    done = history(job)
    spoilt = bool(job.tuned) and known.target is not None and _record(known) is not PanelRecord.COMPLETE
    return tuple((key, good) for key, good in done if not (spoilt and key in WRITES))


def _panels(job: Job, model: Model, shop: Shop, known: Known) -> tuple[NewPanel, ...]:
    first = replace(panel_of(shop, model, job), record=_record(known), locked=_locked(job), touch_flex_replaced=_locked(job))
    return (first, *_others(shop, model, job))


def _locked(job: Job) -> Tri:
    return {Tri.YES: Tri.NO, Tri.NO: Tri.YES}.get(job.ticket.donor, Tri.UNKNOWN)


def _record(known: Known) -> PanelRecord | None:
    """Return what a panel that was read carried; a written one is told by the history of the steps."""
    if known.target is None:
        return None
    if known.target.complete(FieldRole.CALIBRATION) and known.target.complete(FieldRole.IDENTITY):
        return PanelRecord.COMPLETE
    return PanelRecord.PARTIAL if known.target.complete(FieldRole.IDENTITY) else PanelRecord.BLANK


def panel_of(shop: Shop, model: Model, job: Job, part: ShelfPart | None = None) -> NewPanel:
    """Return the panel in hand, or one from the shelf, as the planner sees it."""
    ticket = job.ticket
    die = part.die if part else ticket.panel_die
    shelf = part or next((p for p in shop.shelf.all() if die and p.die == die), None)
    kind = part.kind if part else ticket.panel_kind
    read = job.target.maker if job.target is not None and job.target.die == die else ""
    maker = part.maker if part else read or ticket.panel_maker
    acts = shop.journal.acts_on(die) if die else ()
    budget = budget_of(shop, model, die)
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
    ticket = job.ticket
    free = [p for p in shop.shelf.all() if p.model == model.key and not p.used_in and p.die != ticket.panel_die]
    free = [part for part in free if part.maker == ticket.panel_maker]
    free.sort(key=lambda part: (part.kind is ticket.panel_kind, part.price))
    return tuple(panel_of(shop, model, job, part) for part in free[:OTHER_PANELS])


def _has_complete_record(shop: Shop, model: Model, job: Job) -> bool:
    layout = model.layout(PartKind.DISPLAY).name
    found = shop.vault.find(layout=layout, maker=job.ticket.panel_maker, limit=50) if job.ticket.panel_maker else ()
    return any(not job.owns(b.content.job) and not b.purged for b in found)


def with_route(job: Job, route: Route, case: Case) -> Job:
    """Return the job with the run sheet of a route, behind the steps that are done already.

    A route that takes another panel puts that panel on the ticket; what was done on the first one is forgotten.
    """
    done = tuple(step for step in job.steps if step.state is StepState.DONE)
    actions = [action for action in route.actions if action.key != "another_panel"]
    changed = job.target is not None and job.ticket.panel_die not in ("", job.target.die)
    if taken := panel_taken(route.actions):
        panel = display_of(case).panels[taken]
        ticket = replace(job.ticket, panel_die=panel.die, panel_kind=panel.kind, panel_maker=panel.maker, donor=Tri.UNKNOWN)
        job, changed = replace(job, ticket=ticket), True
    if changed:
        done = tuple(step for step in done if not trait(step.action).redone)
        job = replace(job, target=None, target_image="")
    way = job.way if done and not taken else route.way
    return replace(job, way=way, steps=(*done, *(Step(action.key) for action in actions)))
