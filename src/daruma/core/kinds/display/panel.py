"""Actions on the new panel: choose, check its past, read, write."""

from enum import Enum
from typing import Any

from daruma.core.kinds.display.facts import ChipPlace, NewPanel, PanelRecord, facts_of
from daruma.core.kinds.display.finishing import chip_bar, finishes_moved_chip, finishes_own_chip
from daruma.core.kinds.display.state import LOST_PANEL, MIXED, MOVED_CHIP, OWN_CHIP, PANELS, PanelVal, PanelVar, variant_of
from daruma.core.kinds.display.steps import CODES, CODES_FOR_OWN_CHIP, OTHER_MAKER
from daruma.core.kinds.room import Values
from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Action, Bar, Effort
from daruma.core.plan.case import Case
from daruma.core.plan.finishing import era_bar
from daruma.core.plan.odds import HIDDEN_PAST, WriteLife
from daruma.core.plan.state import Needs, Val, Var, needs
from daruma.core.plan.workbench import OPEN, Workbench

_ON_SOCKET = needs(PanelVar.SOCKET, PanelVal.NEW, otherwise=tr("the new panel must be on the socket"))
_READ = needs(PanelVar.NEW_READ, Val.YES, otherwise=tr("the new panel must be read first"))
_SERIAL = needs(PanelVar.SERIAL, Val.YES, otherwise=tr("nothing gives the board's display serial"))
_COVER = needs(PanelVar.COVER, Val.YES, otherwise=tr("nothing gives the board's cover code"))
_COMPLETE = needs(PanelVar.CALIBRATION, Val.YES, PanelVal.FITTING, otherwise=tr("no complete calibration is known"))
_FITTING = needs(PanelVar.CALIBRATION, PanelVal.FITTING, otherwise=tr("no complete record of this panel's maker is at hand"))
_NOT_ANOTHERS = needs(PanelVar.CALIBRATION, Val.NO, PanelVal.FITTING)
_ANOTHERS = needs(PanelVar.CALIBRATION, Val.YES, otherwise=tr("no complete calibration is known"))
_INCOMPLETE = needs(PanelVar.CALIBRATION, Val.NO)
_INCOMPLETE_CODES = (PanelVal.BOARDS_PARTIAL, PanelVal.MIXED_PARTIAL)
_NO_SERIAL = needs(PanelVar.SERIAL, Val.NO)


_RECORD = {
    PanelRecord.COMPLETE: PanelVal.OWN,
    PanelRecord.PARTIAL: PanelVal.PARTIAL,
    PanelRecord.BLANK: PanelVal.BLANK,
    PanelRecord.BOARDS: PanelVal.BOARDS,
    PanelRecord.BOARDS_PARTIAL: PanelVal.BOARDS_PARTIAL,
}


def brought_by(panel: NewPanel, chip: ChipPlace = ChipPlace.ON_ORIGINAL) -> dict[Enum, Enum]:
    """Return the values that a fresh panel brings; one that carries the original chip has none of its own."""
    return {
        PanelVar.DONOR: panel.donor(),
        PanelVar.RECORD: _RECORD[panel.carries],
        PanelVar.OWN_CHIP: Val.NO if chip is ChipPlace.MOVED else Val.YES,
        PanelVar.REFUSES: Val.NO,
    }


def panel_actions(bench: Workbench, start: Values | None = None) -> tuple[Action, ...]:
    """Return every action on the panels that could be fitted, from where things stand."""
    actions = [_to_socket(bench), _off_socket(bench)]
    for value, panel in facts_of(bench.case).panel_values:
        mixed = start is not None and start[PanelVar.PANEL] is value and start[PanelVar.RECORD] in MIXED
        actions += _of_one(bench, value, panel, mixed=mixed)
    return (*actions, *_change(bench))


def _to_socket(bench: Workbench) -> Action:
    return bench.action("new_to_socket", (OPEN,), {PanelVar.SOCKET: PanelVal.NEW}, hands=("new_on_socket",), sets_up=True)


def _off_socket(bench: Workbench) -> Action:
    return bench.action("new_off_socket", (), {PanelVar.SOCKET: PanelVal.EMPTY}, hands=("clear_socket",), sets_up=True)


def _of_one(bench: Workbench, value: PanelVal, panel: NewPanel, *, mixed: bool) -> list[Action]:
    mine = needs(PanelVar.PANEL, value, otherwise=tr("another panel is in hand"))
    variant = variant_of(value)
    unread = needs(PanelVar.NEW_READ, Val.NO, otherwise=tr("the new panel is read already"))
    makers = bench.case.model.unreadable_makers
    readable = bench.lacks(
        panel.maker not in makers, tr("the programmer cannot read {maker} panels of this model yet", maker=panel.maker)
    )
    read = [
        bench.action(
            "read_new",
            (mine, OPEN, _ON_SOCKET, unread, *conditions),
            {PanelVar.NEW_READ: Val.YES, **gives},
            bars=(readable,),
            variant=f"{variant}{extra}",
            counts_with=tr("read {value}", value=value.name),
        )
        for extra, conditions, gives in _readings()
    ]
    return [*read, *_check(bench, mine, panel, variant), *_writes(bench, mine, value, panel, readable, mixed=mixed)]


def _readings() -> tuple[tuple[str, tuple[Needs, ...], dict[Enum, Enum]], ...]:
    """Reading a panel that carries the original chip gives the chip's code as well."""
    not_moved = needs(PanelVar.CHIP, PanelVal.ON_ORIGINAL, PanelVal.LOOSE, Val.LOST)
    return (("", (not_moved,), {}), ("+chip", (MOVED_CHIP,), {PanelVar.COVER: Val.YES}))


def _check(bench: Workbench, mine: Needs, panel: NewPanel, variant: str) -> list[Action]:
    finishes = finishes_own_chip(bench.case, panel) or finishes_moved_chip(bench.case, panel)
    if panel.donor() is not PanelVal.UNASKED:
        return []
    bars = () if finishes else (era_bar(bench.case, PartKind.DISPLAY), chip_bar(bench.case, panel))
    return [
        bench.action(
            "check_donor",
            (
                mine,
                needs(PanelVar.DONOR, PanelVal.UNASKED, otherwise=tr("the donor is checked already")),
                needs(Var.PHONE, Val.ASSEMBLED, Val.OPEN, otherwise=tr("the panel is fitted already")),
                needs(PanelVar.NEW_READ, Val.NO, otherwise=tr("it is asked before any work on the panel")),
            ),
            {PanelVar.DONOR: PanelVal.CLEAN},
            chances=(facts_of(bench.case).chances.donor_clean,),
            bars=bars,
            finding=tr("the panel is unlocked and its touch flex its own"),
            miss={PanelVar.DONOR: PanelVal.BAD},
            variant=variant,
            counts_with=tr("check {variant}", variant=variant),
        )
    ]


def life_of(bench: Workbench, panel: NewPanel, key: str = "write_new") -> WriteLife:
    """Return what is believed about a panel's next writes by an action."""
    past = HIDDEN_PAST if panel.hidden_past else (1.0,)
    return WriteLife.of(
        bench.case.model.write_limits,
        bench.belief(key),
        counted=panel.counted,
        past=past,
        failed_last=panel.last_write_failed,
    )


def _spent(case: Case, value: PanelVal) -> str:
    index, display = PANELS.index(value), facts_of(case)
    most = max(case.model.write_limits, default=0)
    return tr(
        "{panel_titles} takes no more writes: {counted} counted, it takes {most} at most",
        panel_titles=display.panel_titles[index],
        counted=display.panels[index].counted,
        most=most,
    )


def _writes(
    bench: Workbench, mine: Needs, value: PanelVal, panel: NewPanel, readable: Bar | None, *, mixed: bool
) -> list[Action]:
    life, tries = life_of(bench, panel), bench.figures["write_new"].tries
    spent = bench.lacks(life.next_odds() > 0, _spent(bench.case, value), Effort.PART)
    chances, stake, counted = (
        life.tries(tries),
        _at_stake(bench, life, value, panel, tries),
        tr("write {value}", value=value.name),
    )
    common = (mine, OPEN, _ON_SOCKET, _READ)
    fresh = (PanelVal.BLANK, PanelVal.PARTIAL)
    # the board's codes and those for its own chip never follow each other both ways: the two writes would go back and forth
    again = (PanelVal.MIXED,) if mixed else ()
    foreign = facts_of(bench.case).is_of_another_maker(panel)
    complete = _FITTING if foreign else _COMPLETE
    code = (OWN_CHIP, needs(PanelVar.RECORD, PanelVal.BOARDS_PARTIAL), *((_NOT_ANOTHERS,) if foreign else ()))
    rows: list[tuple[str, str, tuple[Needs, ...], PanelVal]] = [
        ("write_new", "", (_SERIAL, _COVER, needs(PanelVar.RECORD, PanelVal.OWN, PanelVal.COPIED, *again)), PanelVal.BOARDS),
        ("write_new", "full", (_SERIAL, _COVER, needs(PanelVar.RECORD, *fresh, *_INCOMPLETE_CODES), complete), PanelVal.BOARDS),
        ("write_new", "codes", (_SERIAL, _COVER, needs(PanelVar.RECORD, *fresh), _INCOMPLETE), PanelVal.BOARDS_PARTIAL),
    ]
    # True Tone rests on the serial alone, and finishing on codes that agree with the chip: the panel's own chip will do
    rows += [
        ("write_for_own_chip", "", (_SERIAL, OWN_CHIP, needs(PanelVar.RECORD, *fresh), complete), PanelVal.MIXED),
        ("write_for_own_chip", "serial", (_SERIAL, OWN_CHIP, needs(PanelVar.RECORD, PanelVal.OWN)), PanelVal.MIXED),
        ("write_for_own_chip", "codes", (_SERIAL, OWN_CHIP, needs(PanelVar.RECORD, *fresh), _INCOMPLETE), PanelVal.MIXED_PARTIAL),
    ]
    if not mixed:
        rows += [
            ("write_for_own_chip", "code", (OWN_CHIP, needs(PanelVar.RECORD, PanelVal.BOARDS)), PanelVal.MIXED),
            ("write_for_own_chip", tr("partial code"), code, PanelVal.MIXED_PARTIAL),
        ]
    if finishes_moved_chip(bench.case, panel):
        copying = (_COVER, MOVED_CHIP, _NO_SERIAL, needs(PanelVar.RECORD, PanelVal.OWN, otherwise=""))
        rows.append(("write_for_moved_chip", "", copying, PanelVal.COPIED))
    written = [
        bench.action(
            key,
            (*common, *conditions),
            {PanelVar.RECORD: result},
            bars=(readable, spent),
            chances=chances,
            miss={PanelVar.NEW_READ: Val.NO},
            **stake,
            variant="+".join(part for part in (variant_of(value), extra) if part),
            counts_with=counted,
            way=tr("write for the panel's own chip") if key == "write_for_own_chip" else "",
        )
        for key, extra, conditions, result in rows
    ]
    return [*written, *(_of_another_maker(bench, common, value, panel, (readable, spent)) if foreign else ())]


def _at_stake(bench: Workbench, life: WriteLife, value: PanelVal, panel: NewPanel, tries: int) -> dict[str, Any]:
    """Return what a write risks: the spent panel that dies of one more."""
    kills = facts_of(bench.case).chances.spent_write_kills
    ruins = tuple(kills * spent for spent in life.spent_after_misses(tries)) if bench.case.model.write_limits else ()
    return {"ruins": ruins, "ruined": {PanelVar.PANEL: LOST_PANEL[value]}, "stake": panel.price}


def _of_another_maker(
    bench: Workbench, conditions: tuple[Needs, ...], value: PanelVal, panel: NewPanel, bars: tuple[Bar | None, ...]
) -> list[Action]:
    """Return writing the codes alone of another maker's panel, and trying its whole record: some take it, and one that has
    refused it once is not asked again.
    """
    maker = facts_of(bench.case).source_maker
    allowed = bench.lacks(
        panel.maker in bench.case.model.takes_other_makers,
        tr("{maker} panels of this model take no record of a {maker_2} panel", maker=panel.maker, maker_2=maker),
        Effort.PART,
    )
    asked = needs(PanelVar.REFUSES, Val.NO, otherwise=tr("the {maker} record was tried on it in vain", maker=maker), moot=True)
    fresh = needs(PanelVar.RECORD, PanelVal.BLANK, PanelVal.PARTIAL)
    to_own = needs(PanelVar.RECORD, *fresh.good, PanelVal.BOARDS_PARTIAL)
    whole = needs(PanelVar.RECORD, *fresh.good, *_INCOMPLETE_CODES)
    refused: dict[Enum, Enum] = {PanelVar.REFUSES: Val.YES}
    rows: tuple[tuple[str, tuple[Needs, ...], PanelVal, dict[Enum, Enum], Bar | None, str], ...] = (
        (CODES, (_COVER, fresh), PanelVal.BOARDS_PARTIAL, {}, None, ""),
        (CODES_FOR_OWN_CHIP, (OWN_CHIP, to_own), PanelVal.MIXED_PARTIAL, {}, None, tr("write for the panel's own chip")),
        (
            OTHER_MAKER,
            (_COVER, whole, _ANOTHERS, asked),
            PanelVal.BOARDS,
            refused,
            allowed,
            tr("write the {maker} record", maker=maker),
        ),
    )
    # counted with the panel's other writes, of which any may come before
    tries = bench.figures["write_new"].tries
    return [
        bench.action(
            key,
            (*conditions, _SERIAL, *more),
            {PanelVar.RECORD: result},
            bars=(*bars, bar),
            chances=life.tries(tries),
            miss={PanelVar.NEW_READ: Val.NO, **miss},
            **_at_stake(bench, life, value, panel, tries),
            variant=variant_of(value),
            counts_with=tr("write {value}", value=value.name),
            way=way,
        )
        for key, more, result, miss, bar, way in rows
        for life in (life_of(bench, panel, key),)
    ]


def _change(bench: Workbench) -> list[Action]:
    """Taking another panel is open before anything was read from the one in hand, and again when a write failed."""
    closed = needs(Var.PHONE, Val.ASSEMBLED, Val.OPEN, otherwise=tr("the phone is closed already"))
    unread = needs(PanelVar.NEW_READ, Val.NO, otherwise=tr("the panel in hand answers"))
    chips: tuple[tuple[str, tuple[Enum, ...], dict[Enum, Enum]], ...] = (
        ("", (PanelVal.ON_ORIGINAL, PanelVal.LOOSE, Val.LOST), {}),
        ("+chip_lost", (PanelVal.ON_NEW,), {PanelVar.CHIP: Val.LOST}),
    )
    actions = []
    panels = facts_of(bench.case).panel_values
    for index, (value, panel) in enumerate(panels[1:], start=1):
        others = [place for val, _ in panels[:index] for place in (val, LOST_PANEL[val])]
        for extra, chip, lost in chips:
            fresh = {
                PanelVar.PANEL: value,
                PanelVar.NEW_READ: Val.NO,
                PanelVar.SOCKET: PanelVal.EMPTY,
                PanelVar.PAID: Val.NO,
                **brought_by(panel),
                **lost,
            }
            conditions = (
                needs(PanelVar.PANEL, *others, otherwise=tr("it is in hand already")),
                closed,
                unread,
                needs(PanelVar.CHIP, *chip),
            )
            actions.append(
                bench.action(
                    "another_panel",
                    conditions,
                    fresh,
                    variant=f"{variant_of(value)}{extra}",
                    way=tr("take {panel_titles}", panel_titles=facts_of(bench.case).panel_titles[index]),
                    hands=("clear_socket",),
                )
            )
    return actions
