"""The simulated face module: its lines, its one activation, an extension flex folded on it, the dots that it throws."""

import math
import random
from collections.abc import Mapping, Sequence
from typing import Any, ClassVar

from msgspec import field

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import RecordError
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Identity, PartKind
from daruma.core.records import Record, decode
from daruma.standin.errors import No
from daruma.standin.glass_map import glass_map
from daruma.standin.kinds.room import Hand, StandinRoom
from daruma.standin.supply import given
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.FACE_MODULE
SOCKET, HOLDER = "face", "extension"  # the programmer's places for a module, and for an extension flex
IDENTITIES = (Identity.IR_CAMERA_SERIAL, Identity.FLOOD_SERIAL, Identity.PROJECTOR_SERIAL)
LINES = ("supply", "ground", "drive", "sense", "clock", "data")
OHMS = (4.7, 0.4, 12.0, 220.0, 47.0, 47.0)
PULSE_STEPS = 20  # requests that one activation takes, of eight seconds in all
DRAWN = 0.24  # amperes
LEAST, MOST = 18.3, 20.0  # volts below which nothing opens and above which the module dies
FOCAL, CENTRE, SIZE, BASELINE = 610.0, (320.0, 240.0), (640, 480), 24.0
NOISE, MISSING = 0.12, 0.01  # px of a centroid; share of dots that a frame lacks, and as many false ones
NEAR, FAR = 300.0, 480.0  # mm: where the hands hold the card


class Module(Thing):
    """Simulate a face module, or an extension flex (`under` is then the die of the module that it is folded on).

    `switch` is the projector's power switch: closed, open or half; `link` its link chip: intact, fused or silent. `mended`
    says that its lines are bridged by soldering, `lightless` that its projector gives no light whatever its lines say.
    `folded` is how an extension is folded; `card` is where a card is held before it, mm.
    """

    KIND: ClassVar[PartKind] = KIND

    extension: bool = False
    under: str = ""
    folded: str = ""
    infrared: bool = True
    flood: bool = True
    link: str = "intact"
    switch: str = "closed"
    activations: int = 0
    repaired: bool = False
    mended: bool = False
    killed: bool = False
    torn: bool = False
    moist: bool = False
    lightless: bool = False
    enrolled: bool = False
    card: float = 0.0
    tilt: list[float] = field(default_factory=lambda: [0.0, 0.0])
    steps: int = 0
    alone: bool = False


def record_of(part: Module | None, model: Model) -> Record | None:
    """Return what a module or an extension carries, or None where it makes no sense."""
    try:
        return decode(model.layout(KIND), bytes.fromhex(part.memory)) if part else None
    except RecordError:
        return None


def dots_of(record: Record) -> list[tuple[float, float]]:
    """Return the directions of a record's dot map, tangents; none where a block is damaged."""
    blocks = [record.values[f"dot_map_{n}"] for n in range(1, 7) if record.sound(f"dot_map_{n}")]
    flat = [float(value) for block in blocks if isinstance(block, tuple) for value in block]
    return list(zip(flat[::2], flat[1::2], strict=True)) if len(blocks) == 6 else []


def _module(world: World, part: Module | None) -> Module | None:
    """Return the module itself, under an extension flex where there is one."""
    return world.of(Module).get(part.under) if part is not None and part.extension else part


def works(world: World, part: Module | None) -> bool:
    """Return whether the projector gets power and the link answers."""
    module = _module(world, part)
    if part is None or module is None or module.killed or module.torn or module.moist or not (module.infrared and module.flood):
        return False
    if part.extension:
        return module.switch == "open" and module.link == "fused" and not module.repaired and part.folded == "right"
    return module.mended or (module.link == "intact" and module.switch == "closed")


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its face module."""
    part = world.fitted(phone, Module)
    module = _module(world, part)
    record = record_of(module, model)
    answers = {
        Identity.IR_CAMERA_SERIAL: module is not None and module.infrared,
        Identity.FLOOD_SERIAL: bool(module and module.flood),
    }
    carried = {each: record.identity(each) if record and answers.get(each, True) else None for each in IDENTITIES}
    told = record_of(part, model)
    readable = works(world, part) and told is not None and bool(dots_of(told))
    return Seen(carried, {Condition.DOT_MAP_READABLE: readable, Condition.LINK_LINES_NORMAL: works(world, part)})


# -- on the programmer


def _lines(world: World, part: Module) -> list[dict[str, Any]]:
    module, noise = _module(world, part), random.Random(f"{world.seed}/{part.die}/ohms")
    wrong = part.extension and part.folded != "right"
    found = []
    for name, ohms in zip(LINES, OHMS, strict=True):
        if module is None or module.killed or module.torn or wrong:
            found.append({"name": name, "ohms": 0.0, "state": "open"})
            continue
        through = works(world, part) or (name not in ("drive", "sense") and not module.moist)
        value = ohms * (1 + noise.gauss(0, 0.02)) * (1 if through else 0.2 if module.moist else 90)
        found.append({"name": name, "ohms": round(value, 2), "state": "normal" if through else "abnormal"})
    return found


def _test(world: World, part: Module, _: Mapping[str, Any]) -> dict[str, Any]:
    module = _module(world, part)
    if part.extension and module is None:
        raise No("no", "the extension flex is on no module")
    assert module is not None
    if part.alone and part.steps:
        # time goes by from look to look, and the pulse with it
        part.steps += PULSE_STEPS // 3
        if part.steps > PULSE_STEPS:
            _ended(world, part, given(world)[0])
    return {
        "lines": _lines(world, part),
        "link": "communication abnormal" if module.link == "silent" else module.link,
        "switch": "open" if module.switch == "open" else "closed",
        "counter": module.activations,
        "revision": 3,
        "repaired": module.repaired,
        "own_supply": world.own_supply,
    }


def _activate(world: World, part: Module, _: Mapping[str, Any]) -> dict[str, Any]:
    if part.extension:
        raise No("no", "this is an extension flex")
    if part.steps:
        raise No("no", "an activation is under way")
    part.steps = 1
    world.load_amperes = DRAWN
    world.happened("activate", part.die, "begun")
    if world.faults.take("voltage_dip", "face.activate"):
        part.switch = "half"
    if world.faults.take("lying_answer", "face.activate"):
        part.alone = True
        raise No("busy", "the programmer is busy")
    return {}


def _step(world: World, part: Module, _: Mapping[str, Any]) -> dict[str, Any]:
    if not part.steps:
        raise No("no", "no activation was begun")
    part.steps += 1
    volts = given(world)[0]
    if volts > MOST:
        part.killed = True
    if part.steps > PULSE_STEPS:
        _ended(world, part, volts)
        return {"done": 1.0}
    return {"done": part.steps / (PULSE_STEPS + 1)}


def _ended(world: World, part: Module, volts: float) -> None:
    part.steps, world.load_amperes, part.alone = 0, 0.0, False
    if part.switch != "half" and volts >= LEAST and not part.killed:
        part.switch, part.activations = "open", part.activations + 1
        world.happened("activate", part.die, "open")


# -- what the phone sees


def _codes(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    found = seen(world, phone, model)
    return {identity.value: found.carried[identity] or "" for identity in IDENTITIES}


def _dots(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    """Return one frame's centroids: u, v in 1/64 px as unsigned 16-bit numbers."""
    part = world.fitted(phone, Module)
    module = _module(world, part)
    noise = world.chance()
    if module is None or module.card <= 0:
        raise No("no", "no card is held before the phone")
    points: list[tuple[float, float]] = []
    if seen(world, phone, model).conditions[Condition.DOT_MAP_READABLE] and not module.lightless:
        points = [_noisy(noise, point) for point in _thrown(module, glass_map(module.die)) if noise.random() > MISSING]
        points += [(noise.uniform(0, SIZE[0]), noise.uniform(0, SIZE[1])) for _ in range(4)]
        noise.shuffle(points)
    inside = [(u, v) for u, v in points if 0 <= u < SIZE[0] and 0 <= v < SIZE[1]]
    data = b"".join(round(64 * value).to_bytes(2, "big") for point in inside for value in point)
    return {"dots": data}


def _noisy(noise: random.Random, point: tuple[float, float]) -> tuple[float, float]:
    return point[0] + noise.gauss(0, NOISE), point[1] + noise.gauss(0, NOISE)


def _thrown(module: Module, rays: Sequence[tuple[float, float]]) -> list[tuple[float, float]]:
    """Return where the camera sees each dot: its ray is met with the card, and the meeting point is looked at."""
    own = random.Random(f"{module.die}/pose")
    x_turn, y_turn, z_turn = (own.gauss(0, 0.0006) for _ in range(3))
    across, down = module.tilt
    nx, ny = math.tan(across), math.tan(down)
    found = []
    for x, y in rays:
        # small turns: the direction and the turn's cross product with it
        dx, dy, dz = x + y_turn - z_turn * y, y + z_turn * x - x_turn, 1 + x_turn * y - y_turn * x
        far = (module.card - nx * BASELINE) / (nx * dx + ny * dy + dz)
        px, py, pz = BASELINE + far * dx, far * dy, far * dz
        found.append((CENTRE[0] + FOCAL * px / pz, CENTRE[1] + FOCAL * py / pz))
    return found


def _right(world: World, phone: Phone, model: Model) -> bool:
    """Return whether the projector works with the map that is its own glass's."""
    part = world.fitted(phone, Module)
    module, told = _module(world, part), record_of(part, model)
    holds = all(seen(world, phone, model).conditions.values())
    return (
        holds
        and module is not None
        and not module.lightless
        and told is not None
        and dots_of(told) == list(glass_map(module.die))
    )


def _warning(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    """A phone warns until a face is enrolled; after that only where something is wrong."""
    part = world.fitted(phone, Module)
    return {"warning": part is None or not part.enrolled or not _right(world, phone, model)}


def _enrol(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    part = world.fitted(phone, Module)
    if part is not None:
        part.enrolled = True
    return {}


def _unlock(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    """Try once to unlock with an enrolled face: a map that is not the module's own spoils the depth, so it mostly fails."""
    holds = all(seen(world, phone, model).conditions.values())
    chance = (0.985 if _right(world, phone, model) else 0.25) if holds else 0.0
    return {"unlocked": world.chance().random() < chance}


# -- hands


def _in_phone(hand: Hand) -> Module:
    part = hand.world.fitted(hand.phone, Module)
    if part is None:
        raise No("no", "the face module is out of the phone")
    return part


def _must_be_off(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")


def _home(hand: Hand) -> Module:
    return hand.world.home(hand.phone, Module)


def _to_socket(hand: Hand) -> None:
    _must_be_off(hand)
    part = hand.world.fitted(hand.phone, Module) or _assembled(hand)
    hand.phone.fit(KIND, None)
    hand.plug(SOCKET, part)


def _assembled(hand: Hand) -> Module:
    """Return the phone's module as it now is: under its extension where that is folded on it."""
    home = _home(hand)
    return next((part for part in hand.world.of(Module).values() if part.under == home.die), home)


def _back(hand: Hand) -> None:
    _must_be_off(hand)
    part = _assembled(hand)
    hand.clear_sockets()
    hand.phone.fit(KIND, part.die)


def _wake(hand: Hand) -> None:
    hand.phone.on = True
    hand.world.cable = hand.phone.imei
    hand.world.supply_volts, hand.world.supply_on = 19.0, True


def _extension_die(phone: Phone) -> str:
    return f"X{phone.imei}"


def _on_holder(hand: Hand) -> None:
    modules, die = hand.world.of(Module), _extension_die(hand.phone)
    if die not in modules:
        modules[die] = Module(die, "", hand.phone.model, "ff" * hand.model.layout(KIND).size, extension=True)
    if modules[die].under:
        raise No("no", "the extension flex is folded on the module")
    module = _assembled(hand)
    hand.plug(HOLDER, modules[die])
    if hand.phone.fitted.get(KIND.value) is None:
        hand.world.sockets[SOCKET] = module.die


def _fold(hand: Hand) -> None:
    extension = hand.world.of(Module).get(_extension_die(hand.phone))
    if extension is None:
        raise No("no", "there is no extension flex")
    extension.under = _home(hand).die
    extension.folded = "wrong" if hand.world.faults.take("folded_wrong") else "right"
    hand.clear_sockets()
    hand.world.sockets[SOCKET] = extension.die


def _bridge(hand: Hand) -> None:
    _must_be_off(hand)
    _home(hand).mended = True


def _ruin(hand: Hand) -> None:
    _home(hand).killed = True


def _hold_card(distance: float) -> Any:
    def held(hand: Hand) -> None:
        module = _home(hand)
        noise = hand.world.chance()
        module.card = distance + noise.gauss(0, 4)
        module.tilt = [math.radians(noise.uniform(-6, 6)), math.radians(noise.uniform(-6, 6))]

    return held


ROOM = StandinRoom(
    Module,
    seen=seen,
    hands={
        "module_to_socket": _to_socket,
        "module_back": _back,
        "wake_phone": _wake,
        "extension_on_holder": _on_holder,
        "fold_extension": _fold,
        "bridge_module": _bridge,
        "card_near": _hold_card(NEAR),
        "card_far": _hold_card(FAR),
    },
    sockets=(SOCKET, HOLDER),
    slips={"bridge_module": _ruin},
    asked={"phone.face": _codes, "phone.dots": _dots, "phone.unlock": _unlock, "phone.warning": _warning, "phone.enrol": _enrol},
    tools={"face.test": _test, "face.activate": _activate, "face.step": _step},
)
