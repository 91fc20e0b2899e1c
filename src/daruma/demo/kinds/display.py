"""The demo's panels: as panels of a family differ, with records as their factories would have measured them."""

from collections.abc import Mapping
from typing import Any

from daruma.core.colour.chromaticity import XYZ
from daruma.core.colour.panel import PanelReadings, characterise
from daruma.core.colour.shots import GREY_LEVELS
from daruma.core.colour.tuning import tuned
from daruma.core.display import curves_in, field_values
from daruma.core.kinds.display.facts import GENUINE, GENUINE_CHIP, OriginalState, PanelKind
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldValue, decode, encode
from daruma.core.shelf import ShelfPart
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import ALPHABET, Maker
from daruma.standin.glass import Glass, light_of, plain_glass
from daruma.standin.kinds.display.panel import Panel
from daruma.standin.world import Phone

KIND = PartKind.DISPLAY


def panel(
    maker: Maker,
    model: Model,
    makers_name: str,
    *,
    limit: int | None,
    blank: bool = False,
    shift: float = 0.0,
) -> Panel:
    """Return a panel with a touch chip whose code its cover code mirrors."""
    chip, white, glass = maker.code(), white_of(maker, model, shift), glass_of(maker, model)
    memory = record(maker, model, makers_name, white, glass, blank=blank, cover=chip)
    die = f"D{maker.code(11)}"
    return Panel(die, makers_name, model.key, memory.hex(), limit=limit, white_xy=white, chip=chip, own_chip=chip, glass=glass)


def glass_of(maker: Maker, model: Model) -> Glass:
    """Return a panel's glass: near what the model means, as panels differ; its channels are more alike."""
    spec, rng = model.display, maker.rng
    common = rng.gauss(0, 0.04)
    primaries = [[x + rng.gauss(0, 0.003), y + rng.gauss(0, 0.003)] for x, y in spec.primaries_xy]
    gammas = [spec.gamma + common + rng.gauss(0, 0.012) for _ in range(3)]
    return Glass(primaries, gammas, rng.uniform(0.005, 0.03), 1 + rng.gauss(0, 0.03))


def white_of(maker: Maker, model: Model, shift: float = 0.0) -> list[float]:
    """Return a panel's real white: near the native one, as panels differ, or shifted towards yellow."""
    x, y = model.white.native_xy
    return [x + maker.rng.uniform(-0.0012, 0.0012) + shift, y + maker.rng.uniform(-0.0012, 0.0012) + shift]


def record(
    maker: Maker,
    model: Model,
    makers_name: str,
    white: list[float],
    glass: Glass | None = None,
    *,
    blank: bool = False,
    cover: str | None = None,
) -> bytes:
    """Return the memory of a panel: complete as it left its factory, or with codes and calibration never set."""
    layout = model.layout(KIND)
    values: dict[str, FieldValue] = {"signature": layout.field("signature").constant, "panel_maker": makers_name}
    if not blank:
        values |= {
            "display_serial": maker.serial("".join(c for c in makers_name.upper() if c in ALPHABET)[:2]),
            "cover_code": cover or maker.code(),
            **_calibration(maker, model, white, glass or plain_glass(model.display)),
        }
    return encode(layout, values)


def _calibration(maker: Maker, model: Model, white: list[float], glass: Glass) -> Mapping[str, FieldValue]:
    """Return what a factory measures and sets, with the small error that it makes, too."""
    spec = model.display
    off = [1 + maker.rng.gauss(0, 0.0005) for _ in range(3)]

    def read(red: float, green: float, blue: float) -> XYZ:
        x, y, z = light_of(glass, white, (red, green, blue), spec.test_luminance)
        return x * off[0], y * off[1], z * off[2]

    greys = tuple((level, read(level, level, level)) for level in GREY_LEVELS)
    readings = PanelReadings(read(1, 0, 0), read(0, 1, 0), read(0, 0, 1), read(1, 1, 1), greys)
    curves = curves_in(model.layout(KIND))
    return field_values(tuned(characterise(readings), spec, model.white.native_xy, curves))


def own(maker: Maker, model: Model, phone: Phone, entry: Entry) -> Panel:
    """Return the panel that a phone left the factory with; its board expects what that carries."""
    made = panel(maker, model, entry.get("original", {}).get("maker", model.makers[0]), limit=_limit(maker, model))
    serial = decode(model.layout(KIND), bytes.fromhex(made.memory)).identity(Identity.DISPLAY_SERIAL)
    phone.board |= {
        Identity.DISPLAY_SERIAL.value: serial or "",
        Identity.COVER_CODE.value: made.chip or "",
        Identity.TOUCH_CHIP_ID.value: made.chip or "",
    }
    return made


def _answers(entry: Entry) -> bool:
    return bool(entry.get("original", {}).get("answers", True))


def aged(original: Panel, entry: Entry) -> None:
    """Let the original be as the customer brings it."""
    original.answers = _answers(entry)


def new(maker: Maker, model: Model, entry: Entry) -> Panel | None:
    """Return the panel that is to be fitted; None where the display stays."""
    told = entry.get("panel")
    if told is None:
        return None
    limit = told.get("limit") if model.write_limits and "limit" in told else _limit(maker, model)
    made = panel(maker, model, told["maker"], limit=limit, blank=told.get("blank", False), shift=told.get("white_shift", 0.0))
    kind = PanelKind(told["kind"])
    made.genuine, made.chip_genuine = kind in GENUINE, kind in GENUINE_CHIP
    made.bound_before = kind is not PanelKind.GENUINE_NEW
    made.writes = told.get("earlier_writes", 0)
    return made


def _limit(maker: Maker, model: Model) -> int | None:
    return maker.rng.choice(model.write_limits) if model.write_limits else None


def ticket(entry: Entry, made: Any) -> DisplayTicket | None:
    """Return what intake writes down of the panels."""
    if not isinstance(made, Panel):
        return None
    original = OriginalState.UNTRIED if _answers(entry) else OriginalState.DAMAGED
    told = entry["panel"]
    return DisplayTicket(made.die, original, kind=PanelKind(told["kind"]), maker=made.maker, source=told["source"])


def shelved(made: Panel, model: Model, entry: Entry, used_in: str) -> ShelfPart:
    """Return how the shop has a new panel on its shelf."""
    told = entry["panel"]
    kind, writes = PanelKind(told["kind"]), told.get("earlier_writes", 0)
    return ShelfPart(
        made.die, model.key, made.maker, kind.value, told["source"], told["price"], writes, told.get("note", ""), used_in
    )


ROOM = DemoRoom(
    KIND,
    own=own,
    ticket=ticket,
    broken={"panel": {"maker": "Fenwick", "kind": "genuine_used", "source": "own trade-in", "price": 60}},
    aged=aged,
    new=new,
    shelved=shelved,
    out=("power_off", "take_out_original", "original_on_socket"),
    back=("clear_socket", "fit_new", "power_on"),
)
