"""Actions on the new panel: choose, check its past, read, write."""

from collections.abc import Mapping
from enum import Enum
from typing import Any

from daruma.core.known import CODES, CODES_FOR_OWN_CHIP, OTHER_MAKER
from daruma.core.model import FinishRule
from daruma.core.plan.actions import Action, ActionKind, Bar, Effort
from daruma.core.plan.case import GENUINE, GENUINE_CHIP, Case, NewPanel, of_panel
from daruma.core.plan.odds import HIDDEN_PAST, WriteLife
from daruma.core.plan.state import LOST_PANEL, PANELS, Needs, Val, Var, needs
from daruma.core.plan.workbench import OPEN, Workbench

_ON_SOCKET = needs(Var.SOCKET, Val.NEW, otherwise="the new panel must be on the socket")
_READ = needs(Var.NEW_READ, Val.YES, otherwise="the new panel must be read first")
_SERIAL = needs(Var.SERIAL, Val.YES, otherwise="nothing gives the board's display serial")
_COVER = needs(Var.COVER, Val.YES, otherwise="nothing gives the board's cover code")
_COMPLETE = needs(Var.CALIBRATION, Val.YES, Val.FITTING, otherwise="no complete calibration is known")
_FITTING = needs(Var.CALIBRATION, Val.FITTING, otherwise="no complete record of this panel's maker is at hand")
_NOT_ANOTHERS = needs(Var.CALIBRATION, Val.NO, Val.FITTING)
_ANOTHERS = needs(Var.CALIBRATION, Val.YES, otherwise="no complete calibration is known")
_INCOMPLETE = needs(Var.CALIBRATION, Val.NO)
MIXED = (Val.MIXED, Val.MIXED_PARTIAL)
_INCOMPLETE_CODES = (Val.BOARDS_PARTIAL, Val.MIXED_PARTIAL)
_OWN_CHIP = needs(Var.OWN_CHIP, Val.YES, otherwise="the new panel has no chip of its own")
_MOVED_CHIP = needs(Var.CHIP, Val.ON_NEW, otherwise="the original touch chip is not on the new panel")
_NO_SERIAL = needs(Var.SERIAL, Val.NO)


def panel_actions(bench: Workbench, start: Mapping[Enum, Enum] | None = None) -> tuple[Action, ...]:
    """Return every action on the panels that could be fitted, from where things stand."""
    if bench.case.display_stays:
        return ()
    actions = [_to_socket(bench), _off_socket(bench)]
    for value, panel in bench.case.panel_values:
        mixed = start is not None and start[Var.PANEL] is value and start[Var.RECORD] in MIXED
        actions += _of_one(bench, value, panel, mixed=mixed)
    return (*actions, *_change(bench))


def _to_socket(bench: Workbench) -> Action:
    return bench.action("new_to_socket", ActionKind.HAND, (OPEN,), {Var.SOCKET: Val.NEW}, hands=("new_on_socket",), sets_up=True)


def _off_socket(bench: Workbench) -> Action:
    return bench.action("new_off_socket", ActionKind.HAND, (), {Var.SOCKET: Val.EMPTY}, hands=("clear_socket",), sets_up=True)


def variant_of(value: Val) -> str:
    """Return what marks the actions on a panel; those on the one in hand have no mark."""
    return "" if value is Val.FIRST else value.name.lower()


def _of_one(bench: Workbench, value: Val, panel: NewPanel, *, mixed: bool) -> list[Action]:
    mine = needs(Var.PANEL, value, otherwise="another panel is in hand")
    variant = variant_of(value)
    unread = needs(Var.NEW_READ, Val.NO, otherwise="the new panel is read already")
    makers = bench.case.model.unreadable_makers
    readable = bench.lacks(panel.maker not in makers, f"the programmer cannot read {panel.maker} panels of this model yet")
    read = [
        bench.action(
            "read_new",
            ActionKind.READ_TARGET,
            (mine, OPEN, _ON_SOCKET, unread, *conditions),
            {Var.NEW_READ: Val.YES, **gives},
            bars=(readable,),
            variant=f"{variant}{extra}",
            counts_with=f"read {value.name}",
        )
        for extra, conditions, gives in _readings()
    ]
    return [*read, *_check(bench, mine, panel, variant), *_writes(bench, mine, value, panel, readable, mixed=mixed)]


def _readings() -> tuple[tuple[str, tuple[Needs, ...], dict[Enum, Enum]], ...]:
    """Reading a panel that carries the original chip gives the chip's code as well."""
    not_moved = needs(Var.CHIP, Val.ON_ORIGINAL, Val.LOOSE, Val.LOST)
    return (("", (not_moved,), {}), ("+chip", (_MOVED_CHIP,), {Var.COVER: Val.YES}))


def _check(bench: Workbench, mine: Needs, panel: NewPanel, variant: str) -> list[Action]:
    finishes = bench.case.own_chip_finishes(panel) or bench.case.moved_chip_finishes(panel)
    if panel.donor() is not Val.UNASKED:
        return []
    bars = () if finishes else (finish_bar(bench.case), chip_bar(bench.case, panel))
    return [
        bench.action(
            "check_donor",
            ActionKind.HAND,
            (
                mine,
                needs(Var.DONOR, Val.UNASKED, otherwise="the donor is checked already"),
                needs(Var.PHONE, Val.ASSEMBLED, Val.OPEN, otherwise="the panel is fitted already"),
                needs(Var.NEW_READ, Val.NO, otherwise="it is asked before any work on the panel"),
            ),
            {Var.DONOR: Val.CLEAN},
            chances=(bench.case.chances.donor_clean,),
            bars=bars,
            finding="the panel is unlocked and its touch flex its own",
            miss={Var.DONOR: Val.BAD},
            variant=variant,
            counts_with=f"check {variant}",
        )
    ]


def finish_bar(case: Case) -> Bar | None:
    """Return why the phone finishes no display at all; None where it does."""
    since = case.model.finishing_since
    if case.finish_rule is not FinishRule.NONE:
        return None
    if since is None:
        return Bar(f"{case.model.name} knows no finishing", Effort.PHONE)
    return Bar(f"{case.system_name} {case.system} is older than finishing on the phone ({since})", Effort.PHONE)


def chip_bar(case: Case, panel: NewPanel) -> Bar | None:
    """Return why the phone does not finish a panel with the chip that it came with; None where it may."""
    if case.finish_rule is FinishRule.WHOLE_GENUINE:
        return None if panel.kind in GENUINE else Bar("it accepts only whole genuine panels", Effort.PART)
    return None if panel.kind in GENUINE_CHIP else Bar("no genuine touch chip is on the panel", Effort.PART)


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


def _spent(case: Case, value: Val) -> str:
    index = PANELS.index(value)
    most = max(case.model.write_limits, default=0)
    return f"{case.panel_titles[index]} takes no more writes: {case.panels[index].counted} counted, it takes {most} at most"


def _writes(bench: Workbench, mine: Needs, value: Val, panel: NewPanel, readable: Bar | None, *, mixed: bool) -> list[Action]:
    life, tries = life_of(bench, panel), bench.figures["write_new"].tries
    spent = bench.lacks(life.next_odds() > 0, _spent(bench.case, value), Effort.PART)
    common = (mine, OPEN, _ON_SOCKET, _READ)
    fresh = (Val.BLANK, Val.PARTIAL)
    # the board's codes and those for its own chip never follow each other both ways: the two writes would go back and forth
    again = (Val.MIXED,) if mixed else ()
    foreign = bench.case.is_of_another_maker(panel)
    complete = _FITTING if foreign else _COMPLETE
    code = (_OWN_CHIP, needs(Var.RECORD, Val.BOARDS_PARTIAL), *((_NOT_ANOTHERS,) if foreign else ()))
    rows: list[tuple[str, str, tuple[Needs, ...], Val]] = [
        ("write_new", "", (_SERIAL, _COVER, needs(Var.RECORD, Val.OWN, Val.COPIED, *again)), Val.BOARDS),
        ("write_new", "full", (_SERIAL, _COVER, needs(Var.RECORD, *fresh, *_INCOMPLETE_CODES), complete), Val.BOARDS),
        ("write_new", "codes", (_SERIAL, _COVER, needs(Var.RECORD, *fresh), _INCOMPLETE), Val.BOARDS_PARTIAL),
    ]
    # True Tone rests on the serial alone, and finishing on codes that agree with the chip: the panel's own chip will do
    rows += [
        ("write_for_own_chip", "", (_SERIAL, _OWN_CHIP, needs(Var.RECORD, *fresh), complete), Val.MIXED),
        ("write_for_own_chip", "serial", (_SERIAL, _OWN_CHIP, needs(Var.RECORD, Val.OWN)), Val.MIXED),
        ("write_for_own_chip", "codes", (_SERIAL, _OWN_CHIP, needs(Var.RECORD, *fresh), _INCOMPLETE), Val.MIXED_PARTIAL),
    ]
    if not mixed:
        rows += [
            ("write_for_own_chip", "code", (_OWN_CHIP, needs(Var.RECORD, Val.BOARDS)), Val.MIXED),
            ("write_for_own_chip", "partial code", code, Val.MIXED_PARTIAL),
        ]
    if bench.case.moved_chip_finishes(panel):
        copying = (_COVER, _MOVED_CHIP, _NO_SERIAL, needs(Var.RECORD, Val.OWN, otherwise=""))
        rows.append(("write_for_moved_chip", "", copying, Val.COPIED))
    written = [
        bench.action(
            key,
            ActionKind.WRITE,
            (*common, *conditions),
            {Var.RECORD: result},
            bars=(readable, spent),
            chances=life.tries(tries),
            miss={Var.NEW_READ: Val.NO},
            **_at_stake(bench, life, value, panel, tries),
            variant="+".join(part for part in (variant_of(value), extra) if part),
            counts_with=f"write {value.name}",
            way="write for the panel's own chip" if key == "write_for_own_chip" else "",
        )
        for key, extra, conditions, result in rows
    ]
    return [*written, *(_of_another_maker(bench, common, value, panel, (readable, spent)) if foreign else ())]


def _at_stake(bench: Workbench, life: WriteLife, value: Val, panel: NewPanel, tries: int) -> dict[str, Any]:
    """Return what a write risks: the spent panel that dies of one more."""
    kills = bench.case.chances.spent_write_kills
    ruins = tuple(kills * spent for spent in life.spent_after_misses(tries)) if bench.case.model.write_limits else ()
    return {"ruins": ruins, "ruined": {Var.PANEL: LOST_PANEL[value]}, "stake": panel.price}


def _of_another_maker(
    bench: Workbench, conditions: tuple[Needs, ...], value: Val, panel: NewPanel, bars: tuple[Bar | None, ...]
) -> list[Action]:
    """Return writing the codes alone of another maker's panel, and trying its whole record: some take it, and one that has
    refused it once is not asked again.
    """
    maker = bench.case.source_maker
    allowed = bench.lacks(
        panel.maker in bench.case.model.takes_other_makers,
        f"{panel.maker} panels of this model take no record of a {maker} panel",
        Effort.PART,
    )
    asked = needs(Var.REFUSES, Val.NO, otherwise=f"the {maker} record was tried on it in vain", moot=True)
    fresh = needs(Var.RECORD, Val.BLANK, Val.PARTIAL)
    to_own = needs(Var.RECORD, *fresh.good, Val.BOARDS_PARTIAL)
    whole = needs(Var.RECORD, *fresh.good, *_INCOMPLETE_CODES)
    refused: dict[Enum, Enum] = {Var.REFUSES: Val.YES}
    rows: tuple[tuple[str, tuple[Needs, ...], Val, dict[Enum, Enum], Bar | None, str], ...] = (
        (CODES, (_COVER, fresh), Val.BOARDS_PARTIAL, {}, None, ""),
        (CODES_FOR_OWN_CHIP, (_OWN_CHIP, to_own), Val.MIXED_PARTIAL, {}, None, "write for the panel's own chip"),
        (OTHER_MAKER, (_COVER, whole, _ANOTHERS, asked), Val.BOARDS, refused, allowed, f"write the {maker} record"),
    )
    # counted with the panel's other writes, of which any may come before
    tries = bench.figures["write_new"].tries
    return [
        bench.action(
            key,
            ActionKind.WRITE,
            (*conditions, _SERIAL, *more),
            {Var.RECORD: result},
            bars=(*bars, bar),
            chances=life.tries(tries),
            miss={Var.NEW_READ: Val.NO, **miss},
            **_at_stake(bench, life, value, panel, tries),
            variant=variant_of(value),
            counts_with=f"write {value.name}",
            way=way,
        )
        for key, more, result, miss, bar, way in rows
        for life in (life_of(bench, panel, key),)
    ]


def _change(bench: Workbench) -> list[Action]:
    """Taking another panel is open before anything was read from the one in hand, and again when a write failed."""
    closed = needs(Var.PHONE, Val.ASSEMBLED, Val.OPEN, otherwise="the phone is closed already")
    unread = needs(Var.NEW_READ, Val.NO, otherwise="the panel in hand answers")
    chips: tuple[tuple[str, tuple[Val, ...], dict[Enum, Enum]], ...] = (
        ("", (Val.ON_ORIGINAL, Val.LOOSE, Val.LOST), {}),
        ("+chip_lost", (Val.ON_NEW,), {Var.CHIP: Val.LOST}),
    )
    actions = []
    panels = bench.case.panel_values
    for index, (value, panel) in enumerate(panels[1:], start=1):
        others = [place for val, _ in panels[:index] for place in (val, LOST_PANEL[val])]
        for extra, chip, lost in chips:
            fresh = {Var.PANEL: value, Var.NEW_READ: Val.NO, Var.SOCKET: Val.EMPTY, Var.PAID: Val.NO, **of_panel(panel), **lost}
            conditions = (needs(Var.PANEL, *others, otherwise="it is in hand already"), closed, unread, needs(Var.CHIP, *chip))
            actions.append(
                bench.action(
                    "another_panel",
                    ActionKind.HAND,
                    conditions,
                    fresh,
                    variant=f"{variant_of(value)}{extra}",
                    way=f"take {bench.case.panel_titles[index]}",
                    hands=("clear_socket",),
                )
            )
    return actions
