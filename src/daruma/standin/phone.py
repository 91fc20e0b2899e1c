"""The simulated phone: it decides by itself which functions it shows, and what white its screen has."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import XYZ, uv_to_xy, xyz_to_uv
from daruma.core.colour.follow import target_white
from daruma.core.display import calibration_of, wanted_luminance
from daruma.core.errors import RecordError
from daruma.core.model import FinishRule, Model
from daruma.core.pairing import Condition, Facts, evaluate, evaluate_all
from daruma.core.parts import Function, Identity, PartKind, PartStatus, Version
from daruma.core.records import FieldRole, Record, decode
from daruma.core.tri import Tri
from daruma.standin.errors import No
from daruma.standin.glass import boost_of, codes_of, light_of, plain_glass
from daruma.standin.world import Flex, Panel, Phone, World

FIXED_LUMINANCE = 320.0  # cd/m2, where the phone does not follow the room
DARK = 0.5  # lux below which the phone keeps its own white
# the lamps of the light box and of the room, by their names in CIE 15
LAMPS = {"warm": "A", "neutral": "LED-B3", "cool": "D65"}
ROOM = "FL2"
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
            "phone.field": self._field,
            "phone.ambient": self._ambient,
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

    def _field(self, args: Mapping[str, Any]) -> dict[str, Any]:
        phone, _model = self._phone(trusted=True)
        codes = args.get("rgb")
        if codes is not None and not (len(codes) == 3 and all(0 <= float(code) <= 1 for code in codes)):
            raise No("range")
        phone.shows = [float(code) for code in codes] if codes is not None else None
        return {}

    def _ambient(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        seen = ambient_of(self._world, phone, model, self._catalogue)
        if seen is None:
            raise No("no", "the ambient sensor does not answer")
        return {"counts": seen.counts, "gains": seen.gains, "xyz": list(seen.xyz)}

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
    if panel.chip is None or record is None or not record.complete(FieldRole.IDENTITY):
        return "the part carries no codes"
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


@dataclass(frozen=True, slots=True)
class AmbientSeen:
    """Hold what the phone's ambient sensor counts, its stored gains (1000 leaves a channel as it is), and the XYZ that the
    phone makes of both, Y in lux.
    """

    counts: list[float]
    gains: list[float]
    xyz: XYZ


def ambient_of(world: World, phone: Phone, model: Model, catalogue: Catalogue) -> AmbientSeen | None:
    """Return what the phone sees of the light in the box; None without a flex that answers."""
    from daruma.catalogue.lamps import family_sensor, published_lamps  # brings NumPy, which is slow to import
    from daruma.core.colour.sensor import counts_of

    flex = world.flexes.get(phone.flex)
    record = _flex_record(flex, model)
    stored = record.values.get("ambient_gains") if record is not None and record.sound("ambient_gains") else None
    if flex is None or not flex.answers or not isinstance(stored, tuple):
        return None
    lamps, sensor = published_lamps(), family_sensor(catalogue.ambient_channels)
    counts = [0.0] * len(sensor.channels)
    for lamp, lux in lights_on(world):
        more = counts_of(sensor.channels, lamps.nanometres, lamps.spectrum(lamp, lux))
        counts = [a + float(b) for a, b in zip(counts, more, strict=True)]
    channels = flex.channels or [1.0] * len(counts)
    wear = 1.0 if flex.sound else 0.02
    counts = [wear * count * part for count, part in zip(counts, channels, strict=True)]
    gains = [float(gain) for gain in stored]
    x, y, z = (float(value) for value in sensor.xyz(counts, [gain / 1000 for gain in gains]))
    return AmbientSeen(counts, gains, (x, y, z))


def lights_on(world: World) -> list[tuple[str, float]]:
    """Return the lamps that shine on the phone, as published lamps with their lux."""
    shining = [(LAMPS[world.light], world.lux)] if world.light in LAMPS and world.lux > 0 else []
    return [*shining, (ROOM, world.stray)] if world.stray > 0 else shining


def screen_light(world: World, phone: Phone, model: Model, catalogue: Catalogue) -> XYZ:
    """Return XYZ (cd/m2) of what the screen shows in the light of the box: a test field, or the phone's white page.

    The phone drives the panel by its record; what the eye sees is what the glass makes of the codes.
    """
    panel = fitted(world, phone)
    if panel is None:
        return (0.0, 0.0, 0.0)
    spec, record = model.display, record_of(panel, model)
    glass = panel.glass or plain_glass(spec)
    if phone.shows is not None:
        red, green, blue = phone.shows
        return light_of(glass, panel.white_xy, (red, green, blue), spec.test_luminance)
    known = facts(world, phone, model)
    seen = ambient_of(world, phone, model, catalogue)
    lit = seen is not None and seen.xyz[1] > DARK
    aim = model.white.native_xy
    if seen is not None and lit and evaluate(known, Function.AMBIENT_WHITE).holds is Tri.YES:
        aim = uv_to_xy(target_white(model.white, xyz_to_uv(seen.xyz)))
    calibration = calibration_of(record) if record is not None else None
    luminance = FIXED_LUMINANCE
    if calibration is not None and evaluate(known, Function.AUTO_BRIGHTNESS).holds is Tri.YES:
        luminance = wanted_luminance(calibration.brightness, seen.xyz[1] if seen is not None else 0.0)
    return light_of(glass, panel.white_xy, codes_of(record, spec, aim), luminance * boost_of(record, spec, aim))
