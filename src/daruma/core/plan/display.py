"""The actions of a display job: typed conditions and effects; words and numbers come from the catalogue."""

from collections.abc import Mapping

from daruma.core.parts import Identity
from daruma.core.plan.actions import Action, ActionFigures, ActionKind
from daruma.core.plan.case import DisplayCase, OriginalState
from daruma.core.plan.state import Needs, Val, Var, needs

_OFF = needs(Var.PHONE, Val.OFF, otherwise="the phone must be off")
_OPENED = needs(Var.ORIGINAL_AT, Val.BENCH, Val.SOCKET, Val.MISSING, otherwise="the phone must be opened first")
_ORIGINAL_ON_SOCKET = needs(Var.ORIGINAL_AT, Val.SOCKET, otherwise="the original must be on the socket")
_NEW_ON_SOCKET = needs(Var.NEW_AT, Val.SOCKET, otherwise="the new panel must be on the socket")
_NEW_ON_BENCH = needs(Var.NEW_AT, Val.BENCH, otherwise="the new panel must lie on the bench")
_CODES = needs(Var.CODES, Val.KEPT, otherwise="no verified backup holds the codes")
_FITTED = needs(Var.NEW_AT, Val.PHONE, otherwise="the new panel must be fitted")
_LOOSE = needs(Var.CHIP_AT, Val.LOOSE, otherwise="the original touch chip has not been lifted")
_RUNNING = needs(Var.PHONE, Val.ON, otherwise="the phone must run")


def display_actions(case: DisplayCase, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    """Return every action of a display case."""
    return (
        *_opening(case, figures),
        *_sources(case, figures),
        *_target(figures),
        *_chip(case, figures),
        *_closing(case, figures),
    )


def _opening(case: DisplayCase, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    missing = case.original is OriginalState.MISSING
    after = {Var.PHONE: Val.OFF, Var.ORIGINAL_AT: Val.MISSING if missing else Val.BENCH}
    return (
        Action(
            "open_phone",
            ActionKind.HAND,
            figures["open_phone"],
            (
                needs(Var.ORIGINAL_AT, Val.PHONE, Val.MISSING, otherwise="the phone is open already"),
                needs(Var.NEW_AT, Val.BENCH, otherwise="the new panel is fitted already"),
            ),
            after,
            hands=("power_off", "take_out_original"),
        ),
        Action(
            "original_to_socket",
            ActionKind.HAND,
            figures["original_to_socket"],
            (needs(Var.ORIGINAL_AT, Val.BENCH, otherwise="the original is not on the bench"), _NEW_ON_BENCH),
            {Var.ORIGINAL_AT: Val.SOCKET},
            hands=("original_on_socket",),
        ),
    )


def _sources(case: DisplayCase, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    cable = "" if case.model.codes_over_cable else f"{case.model.name} does not give the display's codes over the cable"
    earlier = "" if case.earlier_backup else "the vault holds no earlier backup of this phone"
    return (
        Action(
            "read_original",
            ActionKind.READ_SOURCE,
            figures["read_original"],
            (
                needs(Var.ORIGINAL_ANSWERS, Val.YES, Val.UNKNOWN, otherwise="the original is missing or does not answer"),
                _ORIGINAL_ON_SOCKET,
                needs(Var.CHIP_AT, Val.ORIGINAL, Val.NEW, Val.MISSING, otherwise="the chip is loose"),
            ),
            {Var.CODES: Val.KEPT},
            way="Read the original on the socket",
        ),
        Action(
            "earlier_backup",
            ActionKind.EARLIER_BACKUP,
            figures["earlier_backup"],
            (),
            {Var.CODES: Val.KEPT},
            impossible=earlier,
            way="Use an earlier backup",
        ),
        Action(
            "codes_over_cable",
            ActionKind.CODES_OVER_CABLE,
            figures["codes_over_cable"],
            (_RUNNING,),
            {Var.CODES: Val.KEPT},
            impossible=cable,
            way="Read the codes from the phone over the cable",
        ),
    )


def _target(figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    clear = needs(Var.ORIGINAL_AT, Val.BENCH, Val.SOCKET, Val.MISSING, otherwise="the phone must be opened first")
    return (
        Action(
            "new_to_socket",
            ActionKind.HAND,
            figures["new_to_socket"],
            (_NEW_ON_BENCH, clear, _OFF),
            {Var.NEW_AT: Val.SOCKET},
            hands=("new_on_socket",),
        ),
        Action("read_new", ActionKind.READ_TARGET, figures["read_new"], (_NEW_ON_SOCKET,), {Var.NEW_READ: Val.YES}),
        Action(
            "write_new",
            ActionKind.WRITE,
            figures["write_new"],
            (
                _CODES,
                _NEW_ON_SOCKET,
                _OFF,
                needs(Var.NEW_READ, Val.YES, otherwise="the new panel must be read first"),
                needs(Var.NEW_RECORD, Val.OWN, otherwise="the record is written already"),
            ),
            {Var.NEW_RECORD: Val.BOARD},
        ),
        Action(
            "new_off_socket",
            ActionKind.HAND,
            figures["new_off_socket"],
            (_NEW_ON_SOCKET,),
            {Var.NEW_AT: Val.BENCH},
            hands=("clear_socket",),
        ),
    )


def _chip(case: DisplayCase, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    no_air = "" if case.hot_air else "the shop rules out hot air"
    written = needs(Var.NEW_RECORD, Val.BOARD, otherwise="the record must be on the new panel before heat comes near a chip")
    return (
        Action(
            "lift_chip",
            ActionKind.HAND,
            figures["lift_chip"],
            (
                needs(Var.CHIP_AT, Val.ORIGINAL, otherwise="the original touch chip is not on the original panel"),
                _OPENED,
                written,
            ),
            {Var.CHIP_AT: Val.LOOSE},
            impossible=no_air,
            hands=("lift_chip",),
        ),
        Action(
            "clear_new_chip",
            ActionKind.HAND,
            figures["clear_new_chip"],
            (needs(Var.NEW_OWN_CHIP, Val.YES, otherwise="the new panel has no chip of its own"), _NEW_ON_BENCH, _LOOSE),
            {Var.NEW_OWN_CHIP: Val.NO},
            hands=("clear_new_chip",),
        ),
        Action(
            "solder_chip",
            ActionKind.HAND,
            figures["solder_chip"],
            (_LOOSE, needs(Var.NEW_OWN_CHIP, Val.NO, otherwise="the new panel's own chip is in the way"), _NEW_ON_BENCH),
            {Var.CHIP_AT: Val.NEW},
            impossible=no_air,
            way="Move the original touch chip",
            hands=("solder_chip",),
        ),
    )


def _closing(case: DisplayCase, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    fit = Action(
        "fit",
        ActionKind.HAND,
        figures["fit"],
        (
            needs(Var.NEW_AT, Val.BENCH, otherwise="the new panel must lie on the bench"),
            _OPENED,
            needs(Var.CHIP_AT, Val.ORIGINAL, Val.NEW, Val.MISSING, otherwise="the touch chip is loose"),
        ),
        {Var.NEW_AT: Val.PHONE, Var.PHONE: Val.ON},
        hands=("fit_new", "power_on"),
    )
    return (fit, *_proofs(case, figures))


def _proofs(case: DisplayCase, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    record = needs(Var.NEW_RECORD, Val.BOARD, otherwise="the new panel does not carry the board's display codes")
    flex = needs(Var.FLEX, Val.BOARD, otherwise="the front sensor flex is not the one the board expects")
    common = (_FITTED, _RUNNING)
    return (
        Action(
            "prove_ambient_white",
            ActionKind.MEASURE_WHITE,
            figures["prove_ambient_white"],
            (*common, record, flex),
            {Var.AMBIENT_WHITE: Val.YES},
        ),
        Action(
            "prove_no_display_notice",
            ActionKind.READ_PARTS_PAGE,
            figures["prove_no_display_notice"],
            (*common, *_notice_needs(case, record, flex)),
            {Var.NO_DISPLAY_NOTICE: Val.YES},
        ),
        Action(
            "prove_auto_brightness",
            ActionKind.CHECK_FUNCTION,
            figures["prove_auto_brightness"],
            (*common, record, flex),
            {Var.AUTO_BRIGHTNESS: Val.YES},
        ),
        Action("prove_touch", ActionKind.CHECK_FUNCTION, figures["prove_touch"], common, {Var.TOUCH: Val.YES}),
    )


def _notice_needs(case: DisplayCase, record: Needs, flex: Needs) -> tuple[Needs, ...]:
    if not case.model.display_notice:
        return ()
    carried_by = {
        Identity.TOUCH_CHIP_ID: needs(Var.CHIP_AT, Val.NEW, otherwise="the original touch chip is not on the new panel"),
        Identity.DISPLAY_SERIAL: record,
        Identity.COVER_CODE: record,
        Identity.FLEX_ID: flex,
    }
    checks = case.model.era(case.system).notice_checks
    return tuple(dict.fromkeys(carried_by[identity] for identity in checks))
