"""The simulated rear camera: how it stands in its phone, what its record says, its sweep, what it sees of a chessboard."""

import random
import time
from collections.abc import Mapping
from typing import Any, ClassVar

from msgspec import field

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import RecordError
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.optics.sweep import RATE
from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity, PartKind, PartStatus
from daruma.core.records import FieldValue, Record, decode, encode
from daruma.standin.errors import No
from daruma.standin.finishing import due, finished, from_stock, genuine_die, unswept, waiting
from daruma.standin.kinds.room import Hand, StandinRoom
from daruma.standin.sweep import LASTS, Rig, chunk, progress
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.REAR_CAMERA
SERIAL = Identity.REAR_CAMERA_SERIAL
_BEGAN = "sweep began"
_MOST_SECONDS = 2.0  # of a sweep in one answer
_CORNER_NOISE = 0.12  # px


class RearCamera(Thing):
    """Simulate a rear camera: its true rotation beside facing (degrees), delay (s), lens; `broken` shows nothing."""

    KIND: ClassVar[PartKind] = KIND

    turn: list[float] = field(default_factory=lambda: [0.0, 0.0, 0.0])
    late: float = 0.012
    lens: list[float] = field(default_factory=lambda: [520.0, 520.0, 320.0, 240.0, -0.12, 0.05, 0.0, 0.0, 0.0])
    broken: bool = False


def made(die: str, model: Model, rng: random.Random) -> RearCamera:
    """Return a sound module as it comes from the factory, without a record."""
    lens = [520 + rng.gauss(0, 4), 520 + rng.gauss(0, 4), 320 + rng.gauss(0, 3), 240 + rng.gauss(0, 3)]
    lens += [-0.12 + rng.gauss(0, 0.006), 0.05 + rng.gauss(0, 0.004), rng.gauss(0, 4e-4), rng.gauss(0, 4e-4), 0.0]
    turn = [rng.gauss(0, 0.4) for _ in range(3)]
    return RearCamera(die, "", model.key, "ff" * model.layout(KIND).size, turn=turn, late=0.012 + rng.gauss(0, 0.002), lens=lens)


def recorded(camera: RearCamera, model: Model, serial: str, rng: random.Random) -> str:
    """Return the record that its maker has measured, as hexadecimal digits."""
    layout = model.layout(KIND)
    values: dict[str, FieldValue] = {
        "signature": layout.field("signature").constant,
        SERIAL.value: serial,
        "gyro_angle": tuple(value + rng.gauss(0, 0.02) for value in camera.turn),
        "camera_delay": 1000 * camera.late + rng.gauss(0, 0.3),
        "lens_matrix": tuple(camera.lens[:4]),
        "lens_bend": tuple(camera.lens[4:]),
    }
    return encode(layout, values).hex()


def _record_of(camera: RearCamera | None, model: Model) -> Record | None:
    try:
        return decode(model.layout(KIND), bytes.fromhex(camera.memory)) if camera else None
    except RecordError:
        return None


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its rear camera."""
    camera = world.fitted(phone, RearCamera)
    record = _record_of(camera, model)
    shows = camera is not None and not camera.broken
    return Seen(
        {SERIAL: record.identity(SERIAL) if record is not None else None},
        {Condition.SWEEP_DONE: shows and not phone.status.get(unswept(KIND))},
    )


def page(world: World, phone: Phone, model: Model) -> Mapping[str, Any] | None:
    """Return the camera's entry on the parts page, where the system finishes any."""
    if model.finishing_since is None or Function.REAR_CAMERA_FINISHED not in model.functions:
        return None
    camera = world.fitted(phone, RearCamera)
    record = _record_of(camera, model)
    own = record is not None and record.identity(SERIAL) == phone.board[SERIAL.value]
    unfinished = bool(phone.status.get(unswept(KIND)))
    status = PartStatus(phone.status.get(KIND.value, PartStatus.GENUINE.value)) if own else waiting(phone, model, KIND)
    return {
        "part": KIND.value,
        "status": (PartStatus.UNFINISHED if own and unfinished else status).value,
        "notice": not own or unfinished,
    }


# -- what the phone does with it


def _there(world: World, phone: Phone) -> RearCamera:
    camera = world.fitted(phone, RearCamera)
    if camera is None or camera.broken:
        raise No("no", "no rear camera answers")
    return camera


def _record(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    camera = _there(world, phone)
    return {"die": camera.die, "image": bytes.fromhex(camera.memory)}


def _finish(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    """Bind the module and begin its sweep: finished it is when that is done."""
    due(world, phone, model, KIND)
    camera, (_used, locked) = _there(world, phone), from_stock(phone, model, KIND)
    record = _record_of(camera, model)
    if record is None or (camera.die != genuine_die(phone, KIND) and camera.die != phone.home.get(KIND.value)):
        raise No("no", "the camera is not a genuine one")
    if locked:
        raise No("no", "the part is locked")
    phone.board[SERIAL.value] = record.identity(SERIAL) or ""
    phone.status[unswept(KIND)] = camera.die
    phone.status[_BEGAN] = f"{time.time():.6f}"
    world.happened("sweep", phone.imei, "begun")
    return {"status": PartStatus.UNFINISHED.value}


def _sweep(world: World, phone: Phone, model: Model, _: Catalogue, args: Mapping[str, Any]) -> dict[str, Any]:
    """Return what came of the sweep since a moment, and the phone's own progress."""
    camera, began = _there(world, phone), phone.status.get(_BEGAN)
    after = float(args["after"])
    if began is None:
        raise No("no", "no sweep runs")
    seconds = min(LASTS, (time.time() - float(began)) * world.sweep_speed)
    end = min(seconds, after + _MOST_SECONDS)
    rig = _rig(world, phone, camera)
    piece = chunk(rig, after, max(after, end))
    share = progress(rig, end)
    if share >= 1.0:
        _end(world, phone, used=from_stock(phone, model, KIND)[0])
    return {
        "first": piece.first,
        "gyro": piece.gyro,
        "frames": piece.frames,
        "end": max(after, end),
        "progress": share,
        "done": share >= 1.0,
        "over": end >= LASTS,
        "rate": RATE,
    }


def _rig(world: World, phone: Phone, camera: RearCamera) -> Rig:
    rng = random.Random(f"gyro/{phone.imei}")
    bias = (rng.gauss(0, 0.01), rng.gauss(0, 0.01), rng.gauss(0, 0.01))
    x, y, z = camera.turn
    return Rig((x, y, z), camera.late, tuple(camera.lens), bias, f"{world.seed}/{camera.die}", world.dark, world.sweep_pace)


def _end(world: World, phone: Phone, *, used: bool) -> None:
    if phone.status.pop(unswept(KIND), None) is not None:
        finished(world, phone, KIND, bound_before=used)


def _again(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    """Begin a sweep that binds nothing."""
    _there(world, phone)
    phone.status[_BEGAN] = f"{time.time():.6f}"
    return {}


def _stop(_: World, phone: Phone, __: Model, ___: Catalogue, ____: Mapping[str, Any]) -> dict[str, Any]:
    phone.status.pop(_BEGAN, None)
    return {}


def _board(world: World, phone: Phone, _: Model, __: Catalogue, args: Mapping[str, Any]) -> dict[str, Any]:
    """Return where the module sees the corners of a chessboard that is held before it in one of several views."""
    import numpy as np
    from scipy.spatial.transform import Rotation

    from daruma.core.optics.lens import Camera
    from daruma.core.optics.rear import board

    camera, rng = _there(world, phone), world.chance()
    view = int(args["view"])
    corners = board() - board().mean(axis=0)
    tilt = Rotation.from_euler("xyz", [18 * np.sin(view * 2.1), 22 * np.cos(view * 1.7), 6 * view], degrees=True)
    place = np.array([27 * np.cos(view * 1.3), 22 * np.sin(view * 2.3), 238 + 8 * view])
    at = Camera(*camera.lens).seen(tilt.apply(corners) + place)
    noisy = [value + rng.gauss(0, _CORNER_NOISE) for value in at.ravel().tolist()]
    return {"seen": b"".join(round(value * 32).to_bytes(4, "big", signed=True) for value in noisy)}


# -- hands


def _swap(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")
    hand.clear_sockets()
    cameras, die = hand.world.of(RearCamera), genuine_die(hand.phone, KIND)
    if die not in cameras:
        rng = random.Random(f"rear/{hand.world.seed}/{die}")
        camera = made(die, hand.model, rng)
        camera.memory = recorded(camera, hand.model, f"{rng.getrandbits(48):012X}", rng)
        cameras[die] = camera
    hand.phone.fit(KIND, die)
    if not from_stock(hand.phone, hand.model, KIND)[1]:
        hand.phone.status[unswept(KIND)] = die


ROOM = StandinRoom(
    RearCamera,
    seen=seen,
    hands={"swap_rear_camera": _swap},
    page=page,
    asked={
        "phone.rear_record": _record,
        "phone.finish_rear_camera": _finish,
        "phone.sweep": _sweep,
        "phone.sweep_begin": _again,
        "phone.sweep_stop": _stop,
        "phone.board": _board,
    },
)
