"""The simulated phone: it decides by itself which functions it shows, and what white its screen has."""

from collections.abc import Callable, Mapping
from itertools import pairwise
from math import log
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import XYZ, uv_to_xy, xy_to_uv, xy_to_xyz
from daruma.core.colour.follow import target_white
from daruma.core.errors import RecordError
from daruma.core.model import FinishRule, Model
from daruma.core.pairing import Condition, Facts, evaluate, evaluate_all
from daruma.core.parts import Function, Identity, PartKind, PartStatus, Version
from daruma.core.records import FieldRole, Record, decode
from daruma.core.tri import Tri
from daruma.standin.errors import No
from daruma.standin.world import Flex, Panel, Phone, World

FIXED_LUMINANCE = 320.0  # cd/m2, where the phone does not follow the room
Handler = Callable[[Mapping[str, Any]], dict[str, Any]]


class PhoneSim:
    """Answer as the phone on the cable."""

    def __init__(self, world: World, catalogue: Catalogue) -> None:
        self._world = world
        self._catalogue = catalogue

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": self._hello,
            "phone.state": self._state,
            "phone.trust": self._trust,
            "phone.functions": self._functions,
            "phone.parts": self._parts,
            "phone.unbind": self._unbind,
            "phone.finish": self._finish,
        }

    def _phone(self, trusted: bool = False) -> tuple[Phone, Model]:
        phone = self._world.phone_on_cable()
        if phone is None:
            raise No("off")
        if trusted and not phone.trusted:
            raise No("trust")
        return phone, self._catalogue.models[phone.model]

    def _hello(self, _: Mapping[str, Any]) -> dict[str, Any]:
        return {"kind": "phone", "name": "Phone cable", "serial": "SC-0001", "firmware": "1.0"}

    def _state(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone()
        return {
            "label": phone.label,
            "model": phone.model,
            "imei": phone.imei,
            "system": phone.system,
            "trusted": phone.trusted,
            "board": readable_board(phone, model) if phone.trusted else {},
        }

    def _trust(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, _model = self._phone()
        phone.asked = True
        return {"asked": True}

    def _functions(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        shown = {f.value: v.holds.value for f, v in evaluate_all(facts(self._world, phone, model)).items()}
        if Function.AMBIENT_WHITE.value in shown and shown[Function.AMBIENT_WHITE.value] == Tri.YES.value:
            # the switch is there; whether the white is right the phone cannot know
            shown[Function.AMBIENT_WHITE.value] = Tri.UNKNOWN.value
        return {"functions": shown}

    def _unbind(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        window = model.unbind_on_phone
        if window is None or not window[0] <= Version.parse(phone.system) <= window[1]:
            raise No("no", f"this phone cannot be unbound with {phone.system}")
        if self._world.faults.take("unbind_fails"):
            raise No("no", "the phone did not unbind")
        phone.unbound = True
        self._world.happened("unbind", phone.imei, phone.system)
        return {}

    def _finish(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        if self._world.faults.take("service_busy"):
            raise No("no", "the service is busy")
        panel = fitted(self._world, phone)
        if panel is None or (fault := finishing_fault(self._world, phone, model, panel)):
            raise No("no", fault if panel else "no display is fitted")
        known = facts(self._world, phone, model)
        for identity in (Identity.DISPLAY_SERIAL, Identity.COVER_CODE, Identity.TOUCH_CHIP_ID):
            phone.board[identity.value] = known.carried[identity] or ""
        phone.conditions[Condition.DISPLAY_FINISHED.value] = True
        phone.display_status = (PartStatus.USED if panel.bound_before else PartStatus.GENUINE).value
        self._world.happened("finish", phone.imei, phone.display_status)
        return {"status": phone.display_status}

    def _parts(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        if not model.display_notice:
            return {"parts": [{"part": PartKind.DISPLAY.value, "status": PartStatus.GENUINE.value, "notice": False}]}
        clear = evaluate(facts(self._world, phone, model), Function.NO_DISPLAY_NOTICE).holds is Tri.YES
        status = PartStatus(phone.display_status or PartStatus.GENUINE.value) if clear else PartStatus.UNKNOWN
        return {"parts": [{"part": PartKind.DISPLAY.value, "status": status.value, "notice": not clear}]}


def readable_board(phone: Phone, model: Model) -> dict[str, str]:
    """Return the expected identities that the board gives over the cable."""
    hidden = set() if model.codes_over_cable or phone.unbound else {Identity.DISPLAY_SERIAL.value, Identity.COVER_CODE.value}
    return {key: value for key, value in phone.board.items() if key not in hidden}


def fitted(world: World, phone: Phone) -> Panel | None:
    """Return the panel in the phone."""
    return world.panels.get(phone.panel or "")


def record_of(panel: Panel, model: Model) -> Record | None:
    """Return the panel's record as the phone reads it, or None where it makes no sense."""
    try:
        record = decode(model.layout(PartKind.DISPLAY), bytes.fromhex(panel.memory))
    except RecordError:
        return None
    return record


def _flex_record(flex: Flex | None, model: Model) -> Record | None:
    try:
        return decode(model.layout(PartKind.SENSOR_FLEX), bytes.fromhex(flex.memory)) if flex else None
    except RecordError:
        return None


def finishing_fault(world: World, phone: Phone, model: Model, panel: Panel) -> str:
    """Return why the phone refuses to finish its display; empty where it accepts it."""
    system = Version.parse(phone.system)
    rule = model.era(system).finishing if model.finishing_since and system >= model.finishing_since else FinishRule.NONE
    record = record_of(panel, model)
    own_flex = world.flexes.get(phone.flex)
    if rule is FinishRule.NONE:
        return "this version knows no finishing"
    if panel.locked or panel.touch_flex_replaced:
        return "the part is locked" if panel.locked else "the touch flex was replaced"
    if panel.chip is None or record is None or not record.complete(FieldRole.CALIBRATION):
        return "the part carries no data"
    if record.identity(Identity.COVER_CODE) != panel.chip:
        return "the part's data do not agree with its touch chip"
    if rule is FinishRule.GENUINE_CHIP:
        return "" if panel.chip_genuine else "the touch chip is not genuine"
    whole = panel.genuine and panel.chip_genuine and panel.chip == panel.own_chip
    if not whole:
        return "the part is not a whole genuine display"
    return "" if own_flex is not None and own_flex.die == f"F{phone.imei}" else "the sensor flex is not the phone's own"


def facts(world: World, phone: Phone, model: Model) -> Facts:
    """Return everything the phone knows: nothing is unknown to it."""
    panel = fitted(world, phone)
    record = record_of(panel, model) if panel else None
    carried: dict[Identity, str | None] = {Identity(key): value for key, value in phone.carried.items()}
    flex = world.flexes.get(phone.flex)
    data = _flex_record(flex, model)
    carried[Identity.FLEX_ID] = data.identity(Identity.FLEX_ID) if data else None
    carried[Identity.AMBIENT_CODE] = data.identity(Identity.AMBIENT_CODE) if data else None
    carried[Identity.DISPLAY_SERIAL] = record.identity(Identity.DISPLAY_SERIAL) if record else None
    carried[Identity.COVER_CODE] = record.identity(Identity.COVER_CODE) if record else None
    carried[Identity.TOUCH_CHIP_ID] = panel.chip if panel else None
    conditions = {Condition(key): value for key, value in phone.conditions.items()}
    conditions[Condition.TOUCH_CHIP_SOUND] = bool(panel and panel.chip)
    conditions[Condition.PANEL_CALIBRATION] = bool(record and record.complete(FieldRole.CALIBRATION))
    conditions[Condition.BRIGHTNESS_CURVE] = bool(record and record.sound("brightness_curve"))
    conditions[Condition.SENSOR_FLEX_SOUND] = bool(flex and flex.sound)
    expected = {Identity(key): value for key, value in phone.board.items()}
    return Facts(model, Version.parse(phone.system), expected, carried, conditions)


def screen_white(world: World, phone: Phone, model: Model, ambient_xy: tuple[float, float] | None) -> XYZ:
    """Return XYZ (cd/m2) of the screen's white in the light of the box.

    The phone drives the panel as if its white were the one in the record; what the eye sees is off by the difference
    to the white that the glass really has.
    """
    panel = fitted(world, phone)
    if panel is None:
        return (0.0, 0.0, 0.0)
    known = facts(world, phone, model)
    record = record_of(panel, model)
    true_uv = xy_to_uv((panel.white_xy[0], panel.white_xy[1]))
    assumed = record.values.get("white_point") if record and record.sound("white_point") else None
    aim = xy_to_uv(model.white.native_xy)
    if ambient_xy is not None and evaluate(known, Function.AMBIENT_WHITE).holds is Tri.YES:
        aim = target_white(model.white, xy_to_uv(ambient_xy))
    believed = xy_to_uv((float(assumed[0]), float(assumed[1]))) if isinstance(assumed, tuple) else true_uv
    uv = aim[0] + true_uv[0] - believed[0], aim[1] + true_uv[1] - believed[1]
    curve = record.values.get("brightness_curve") if record else None
    follows = evaluate(known, Function.AUTO_BRIGHTNESS).holds is Tri.YES and isinstance(curve, tuple)
    luminance = _from_curve(curve, world.lux) if follows and isinstance(curve, tuple) else FIXED_LUMINANCE
    return xy_to_xyz(uv_to_xy(uv), luminance)


def _from_curve(curve: tuple[float, ...], lux: float) -> float:
    """Return cd/m2 by log-log interpolation of (lux, cd/m2) pairs."""
    pairs = [(max(curve[i], 0.5), max(curve[i + 1], 0.5)) for i in range(0, len(curve), 2)]
    lux = min(max(lux, pairs[0][0]), pairs[-1][0])
    for (x0, y0), (x1, y1) in pairwise(pairs):
        if lux <= x1:
            share = (log(lux) - log(x0)) / (log(x1) - log(x0)) if x1 > x0 else 0.0
            return float(y0 * (y1 / y0) ** share)
    return float(pairs[-1][1])
