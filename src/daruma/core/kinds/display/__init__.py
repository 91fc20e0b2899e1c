"""The display: its codes, the panels that could take its place, the touch chip that may move with it."""

from collections.abc import Iterable, Mapping
from enum import Enum

from msgspec.structs import replace

from daruma.core.finishing import Origin
from daruma.core.kinds.display.asking import ASKS, OTHERWISE, questions
from daruma.core.kinds.display.chip import chip_actions
from daruma.core.kinds.display.codes import source_actions
from daruma.core.kinds.display.entries import ENTRIES, GRADES, told
from daruma.core.kinds.display.facts import KIND, ChipPlace, OriginalState, PanelKind, facts_of
from daruma.core.kinds.display.finishing import finish_actions, fittings
from daruma.core.kinds.display.panel import brought_by, panel_actions
from daruma.core.kinds.display.seen import CODES, seen
from daruma.core.kinds.display.state import CHIP_RESTS, MOVED_CHIP, OFF_SOCKET, OWN_CHIP, PANELS, SOCKET_EMPTY, PanelVal, PanelVar
from daruma.core.kinds.display.steps import TRAITS
from daruma.core.kinds.display.threads import conditions, ends, threads
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork, faults
from daruma.core.kinds.room import Room, Values
from daruma.core.language import tr
from daruma.core.parts import Function, Identity
from daruma.core.plan.actions import Action
from daruma.core.plan.case import Case
from daruma.core.plan.state import Conjunction, Val, needs
from daruma.core.plan.workbench import BOARD_RESTS, Workbench
from daruma.core.tri import Tri

_NO_TOUCH = tr("the panel has no touch chip to confirm trust with")
_CHIP_WORK = frozenset({"clear_new_chip", "solder_chip", "another_panel"})


def start(case: Case) -> Values:
    """Return the display's values before anything was done; one that stays has none."""
    display = facts_of(case)
    if display.stays:
        return {}
    return {
        PanelVar.SOCKET: PanelVal.EMPTY,
        PanelVar.ORIGINAL: PanelVal.GONE if display.original is OriginalState.MISSING else PanelVal.THERE,
        PanelVar.TRIED: Val.NO,
        PanelVar.SERIAL: Val.NO,
        PanelVar.COVER: Val.NO,
        PanelVar.CALIBRATION: Val.NO,
        PanelVar.PANEL: PanelVal.FIRST,
        PanelVar.NEW_READ: Val.NO,
        PanelVar.BINDING: PanelVal.TO_ORIGINAL,
        PanelVar.PAID: Val.NO,
        PanelVar.CHIP: _chip(case),
        **brought_by(display.panels[0], display.chip),
    }


def _chip(case: Case) -> Enum:
    display = facts_of(case)
    if display.chip is ChipPlace.MOVED:
        return PanelVal.ON_NEW
    gone = display.original is OriginalState.MISSING or display.chip is ChipPlace.LOST
    return Val.LOST if gone else PanelVal.ON_ORIGINAL


def actions(bench: Workbench, start: Values | None) -> tuple[Action, ...]:
    """Return every action on the display, its codes and its chip; none where it stays."""
    if facts_of(bench.case).stays:
        return ()
    codes = source_actions(bench)
    if start is not None:
        codes = tuple(_behind(action, first(bench.case, start)) for action in codes)
    work = (*panel_actions(bench, start), *chip_actions(bench))
    return (*codes, *(_one_at_a_time(action) for action in work), *finish_actions(bench))


def _behind(action: Action, conditions: Conjunction) -> Action:
    return action if action.sets_up else replace(action, conditions=(*action.conditions, *conditions))


def _one_at_a_time(action: Action) -> Action:
    """Let work on panel and chip begin only where board and chip rest; soldering a loose chip goes on, and so do reading
    and writing: a record may be written while the chip is loose.
    """
    on_record = action.trait.writes or action.key == "read_new"
    return _behind(action, (BOARD_RESTS,) if action.key in _CHIP_WORK or on_record else (BOARD_RESTS, CHIP_RESTS))


def first(case: Case, start: Values) -> Conjunction:
    """Return what keeps work on codes and other parts before the chip is moved on from where it is now."""
    if facts_of(case).stays:
        return ()
    here = {start[PanelVar.CHIP], PanelVal.ON_ORIGINAL}
    return (needs(PanelVar.CHIP, *here, otherwise=tr("the loose touch chip is to be soldered first"), order=True),)


def untouched(case: Case) -> Conjunction:
    """Return that work on the panel has not begun."""
    unread = needs(PanelVar.NEW_READ, Val.NO, otherwise=tr("the flex is done before the panel"), order=True)
    return () if facts_of(case).stays else (unread, CHIP_RESTS)


def screens(case: Case) -> Mapping[str, Conjunction]:
    """Return what makes a phone light up on a trial: a panel's own chip, or the moved one."""
    if facts_of(case).stays:
        return {"": ()}
    return {"": (replace(OWN_CHIP, otherwise=_NO_TOUCH),), "moved": (replace(MOVED_CHIP, otherwise=_NO_TOUCH),)}


def panel_taken(actions: Iterable[Action]) -> int:
    """Return which of the panels a way ends with: the place of the last one that it takes, 0 for the one in hand."""
    taken = [action.effects[PanelVar.PANEL] for action in actions if action.key == "another_panel"]
    return next((PANELS.index(value) for value in reversed(taken) if isinstance(value, PanelVal)), 0)


def notes(case: Case, action: Action) -> tuple[str, ...]:
    """Return what else the chance of reading the original, or of a write, rests on."""
    display = facts_of(case)
    found = []
    if action.trait.writes and case.model.write_limits:
        limits = tr(" or ").join(str(limit) for limit in case.model.write_limits)
        panel = display.panels[0] if display.panels else None
        hidden = tr(", perhaps more that nobody noted") if panel and panel.hidden_past else ""
        found.append(
            tr(
                "a panel takes {limits} writes in its life, {counted} counted{hidden}",
                limits=limits,
                counted=panel.counted if panel else 0,
                hidden=hidden,
            )
        )
    if action.key == "read_original" and display.original is OriginalState.UNTRIED:
        found.append(
            tr(
                "guess that the original answers {original_answers:.0f} %",
                original_answers=100 * display.chances.original_answers,
            )
        )
    return tuple(found)


def origin(ticket: DisplayTicket) -> Origin:
    """Return where a panel comes from as finishing has it: one that is not new was bound elsewhere, or may be locked."""
    if ticket.donor is Tri.NO:
        return Origin.LOCKED
    return Origin.NEW if ticket.kind is PanelKind.GENUINE_NEW else Origin.USED


ROOM = Room(
    KIND,
    identities=(*CODES, Identity.TOUCH_CHIP_ID),
    ticket=DisplayTicket,
    work=DisplayWork,
    entries=ENTRIES,
    grades=GRADES,
    told=told,
    seen=seen,
    faults=faults,
    functions=(Function.AMBIENT_WHITE, Function.AUTO_BRIGHTNESS, Function.NO_DISPLAY_NOTICE, Function.TOUCH),
    traits=TRAITS,
    start=start,
    actions=actions,
    threads=threads,
    conditions=conditions,
    asks=ASKS,
    ends=ends,
    questions=questions,
    otherwise=OTHERWISE,
    clear=lambda case: () if facts_of(case).stays else (SOCKET_EMPTY,),
    rests=lambda case: () if facts_of(case).stays else (CHIP_RESTS,),
    closes=lambda case: () if facts_of(case).stays else (OFF_SOCKET,),
    untouched=untouched,
    first=first,
    screens=screens,
    reopened=lambda case: {} if facts_of(case).stays else {PanelVar.NEW_READ: Val.NO, PanelVar.SOCKET: PanelVal.EMPTY},
    fittings=fittings,
    notes=notes,
    origin=origin,
)
