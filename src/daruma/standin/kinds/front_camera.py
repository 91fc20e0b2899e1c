"""The simulated front camera: its lens, the flex with its bind data, what ails one that is not sound."""

import random
from collections.abc import Mapping
from functools import lru_cache
from typing import Any, ClassVar

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import RecordError
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.optics.chart import HEIGHT, WIDTH, Window
from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity, PartKind, PartStatus
from daruma.core.records import FieldValue, Record, decode, encode
from daruma.standin.camera import BACKGROUND, FARTHEST, Lens, picture
from daruma.standin.errors import No
from daruma.standin.finishing import due, finished, from_stock, genuine_die, waiting
from daruma.standin.kinds.room import Hand, StandinRoom
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.FRONT_CAMERA
HOLDER = "camera"  # the programmer's place for a camera's flex
SERIAL = Identity.FRONT_CAMERA_SERIAL
FLASH_STEPS = 10
LEAST_CHARGE = 30.0  # percent: a phone does not begin to flash with less
MOST_BYTES = 15_000  # of one answer
_FREE, _FLASHING = f"{KIND.value} free", "flashing"
SCALE = 64  # parts of a focus code


class FrontCamera(Thing):
    """Simulate a front camera: where its lens is sharpest, what ails it, whether it has a flex that can be written.

    `ail` is no_focus, freezes, white, dead, heat or dirty; `bare` says that it has no flex with data yet.
    """

    KIND: ClassVar[PartKind] = KIND

    far: float = 60.0
    dioptre: float = 18.0
    ail: str = ""
    bare: bool = False

    def lens(self) -> Lens:
        """Return the lens that its frames are made with."""
        rng = random.Random(f"lens/{self.die}/{self.ail}")
        match self.ail:
            case "heat":
                across = rng.uniform(0.25, 0.8)
                down = across * rng.uniform(0.0, 0.3)
                heat_x, heat_y = rng.sample([across, down], 2)
                return Lens(self.far, self.dioptre, heat_x, heat_y)
            case "dirty":
                smeared = tuple(rng.sample(range(9), rng.randint(1, 2)))
                dust = tuple((rng.randrange(20, WIDTH - 20), rng.randrange(20, HEIGHT - 20)) for _ in range(rng.randint(0, 3)))
                return Lens(self.far, self.dioptre, smeared=smeared, smear=rng.uniform(0.6, 1.2), dust=dust)
            case _:
                return Lens(self.far, self.dioptre)


def made(die: str, model: Model, rng: random.Random) -> FrontCamera:
    """Return a sound camera as it comes from the factory, without data."""
    memory = "ff" * model.layout(KIND).size
    return FrontCamera(die, "", model.key, memory, far=60 + rng.gauss(0, 0.8), dioptre=18 + rng.gauss(0, 0.25))


def calibrated(camera: FrontCamera, rng: random.Random) -> dict[str, FieldValue]:
    """Return focus codes and lens table that its maker has measured."""
    table = tuple(round(65535 * (1 - 0.25 * (i / 7) ** 2) * rng.uniform(0.995, 1.0)) for i in range(8))
    far, dioptre = round(SCALE * camera.far), round(SCALE * camera.dioptre)
    return {"focus_far": far, "focus_dioptre": dioptre, "lens_table": table}


def record_of(camera: FrontCamera | None, model: Model) -> Record | None:
    """Return what a camera's flex carries; None where nothing can be read."""
    try:
        return decode(model.layout(KIND), bytes.fromhex(camera.memory)) if camera and not camera.bare else None
    except RecordError:
        return None


def _is_free(phone: Phone) -> bool:
    """Return whether the board takes another camera with the serial that it expects."""
    return phone.status.get(_FREE) == "yes" or phone.fitted.get(KIND.value) == phone.home.get(KIND.value)


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its front camera."""
    camera = world.fitted(phone, FrontCamera)
    record = record_of(camera, model)
    answers = record is not None and camera is not None and camera.ail != "dead" and phone.camera
    bound = _is_free(phone) or phone.status.get(f"{KIND.value} finished") == (camera.die if camera else "")
    serial = record.identity(SERIAL) if record is not None and answers and bound else None
    return Seen({SERIAL: serial})


def page(world: World, phone: Phone, model: Model) -> Mapping[str, Any] | None:
    """Return the camera's entry on the parts page, where the system finishes any."""
    if model.finishing_since is None or Function.FRONT_CAMERA not in model.functions:
        return None
    own = seen(world, phone, model).carried[SERIAL] == phone.board[SERIAL.value]
    status = PartStatus(phone.status.get(KIND.value, PartStatus.GENUINE.value)) if own else waiting(phone, model, KIND)
    return {"part": KIND.value, "status": status.value, "notice": not own}


# -- what the phone does with it


def _there(world: World, phone: Phone) -> FrontCamera:
    camera = world.fitted(phone, FrontCamera)
    if camera is None or camera.bare:
        raise No("no", "no camera answers on the flex")
    return camera


def _record(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    camera = _there(world, phone)
    dead = camera.ail == "dead" or not phone.camera
    return {
        "image": b"" if dead else bytes.fromhex(camera.memory),
        "expected": phone.board[SERIAL.value],
        "die": "" if dead else camera.die,
    }


def _state(_: World, phone: Phone, __: Model, ___: Catalogue, ____: Mapping[str, Any]) -> dict[str, Any]:
    flashed = bool(phone.conditions.get(Condition.FLASHED_AFTER_SWAP.value))
    return {"free": phone.status.get(_FREE) == "yes", "flashed": flashed, "charge": phone.charge}


def _release(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    if world.faults.take("unbind_fails"):
        raise No("no", "the phone did not unbind its camera")
    phone.status[_FREE] = "yes"
    world.happened("release", phone.imei, KIND.value)
    return {}


def _flash(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    if phone.charge < LEAST_CHARGE:
        raise No("no", f"the battery has {phone.charge:.0f} %")
    phone.status[_FLASHING] = "0"
    phone.conditions[Condition.FLASHED_AFTER_SWAP.value] = False
    world.happened("flash", phone.imei, "begun")
    return {}


def _flash_step(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    done = int(phone.status.get(_FLASHING, FLASH_STEPS)) + 1
    if world.faults.take("flash_fails"):
        phone.status.pop(_FLASHING, None)
        raise No("no", "the system did not come through")
    phone.status[_FLASHING] = str(done)
    if done >= FLASH_STEPS:
        phone.status.pop(_FLASHING, None)
        phone.conditions[Condition.FLASHED_AFTER_SWAP.value] = True
        world.happened("flash", phone.imei, "done")
    return {"done": min(1.0, done / FLASH_STEPS)}


def _finish(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    due(world, phone, model, KIND)
    camera, (used, locked) = _there(world, phone), from_stock(phone, model, KIND)
    record = record_of(camera, model)
    if camera.die != genuine_die(phone, KIND) or record is None:
        raise No("no", "the camera is not a genuine one")
    if locked:
        raise No("no", "the part is locked")
    phone.board[SERIAL.value] = record.identity(SERIAL) or ""
    phone.status[f"{KIND.value} finished"] = camera.die
    return finished(world, phone, KIND, bound_before=used)


def _frame(world: World, phone: Phone, model: Model, _: Catalogue, args: Mapping[str, Any]) -> dict[str, Any]:
    """Return a piece of a frame's window, and the focus code it was taken with."""
    camera, window = _there(world, phone), Window(*(int(args[key]) for key in ("x", "y", "width", "height")))
    if window.x < 0 or window.y < 0 or window.x + window.width > WIDTH or window.y + window.height > HEIGHT:
        raise No("range")
    mode, distance, at = str(args["mode"]), float(args["distance"]), int(args["at"])
    asked, after, near = args["code"], bool(args["after"]), bool(args["near"])
    code = _code(camera, model, distance, asked)
    bound = seen(world, phone, model).carried[SERIAL] == phone.board[SERIAL.value]
    flashed = not model.reflash_after_camera or bool(phone.conditions.get(Condition.FLASHED_AFTER_SWAP.value))
    size = window.width * window.height
    if camera.ail == "dead" or not phone.camera:
        grey = bytes(size)
    elif mode == "video" and after and (camera.ail == "white" or not bound):
        grey = b"\xff" * size
    else:
        frozen = camera.ail == "freezes" or not flashed
        soft = BACKGROUND if mode == "cinematic" and not near else 0.0
        seed = f"{world.seed}/{camera.die}/{'frozen' if frozen else args['take']}"
        plain = bool(args["plain"])
        grey = _picture(camera.lens(), code, distance, window, seed, plain=plain, soft=soft)
    return {"code": code, "grey": grey[at : at + MOST_BYTES]}


_picture = lru_cache(maxsize=4)(picture)


def _code(camera: FrontCamera, model: Model, distance: float, asked: Any) -> float:
    """Return the code that the lens stands at: the one asked for, else what its focus table says."""
    if camera.ail == "no_focus":
        return 80.0
    if asked is not None:
        return max(0.0, min(FARTHEST, float(asked)))
    record = record_of(camera, model)
    far, dioptre = (record.values.get(name) if record else None for name in ("focus_far", "focus_dioptre"))
    if not isinstance(far, int) or not isinstance(dioptre, int):
        return 128.0
    return max(0.0, min(FARTHEST, (far + dioptre / distance) / SCALE))


# -- hands


def _must_be_off(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")


def _die(phone: Phone, number: int) -> str:
    return f"K{phone.imei}{'' if number == 1 else f'-{number}'}"


def _new_die(hand: Hand) -> str:
    """Return the die of the new camera at hand: another one once the one before it is in the phone."""
    number = 1
    while hand.phone.fitted.get(KIND.value) == _die(hand.phone, number) or _die(hand.phone, number + 1) in hand.world.of(
        FrontCamera
    ):
        number += 1
    return _die(hand.phone, number)


def _new(hand: Hand) -> FrontCamera:
    cameras, die = hand.world.of(FrontCamera), _new_die(hand)
    if die not in cameras:
        cameras[die] = made(die, hand.model, random.Random(f"front/{hand.world.seed}/{die}"))
        cameras[die].bare = True
    return cameras[die]


def _solder(hand: Hand) -> None:
    camera = _new(hand)
    camera.bare = False
    if any(fault.name == "air_too_hot" and fault.times for fault in hand.world.faults.armed):
        camera.ail = "heat"


def _on_holder(hand: Hand) -> None:
    camera = _new(hand)
    if camera.bare:
        raise No("no", "the new camera has no flex that can be written")
    hand.plug(HOLDER, camera)


def _old_on_holder(hand: Hand) -> None:
    _must_be_off(hand)
    hand.clear_sockets()
    hand.phone.fit(KIND, None)
    hand.plug(HOLDER, hand.world.home(hand.phone, FrontCamera))


def _fit(hand: Hand, camera: FrontCamera) -> None:
    _must_be_off(hand)
    hand.clear_sockets()
    hand.phone.fit(KIND, camera.die)
    hand.phone.conditions[Condition.FLASHED_AFTER_SWAP.value] = not hand.model.reflash_after_camera


def _fit_genuine(hand: Hand) -> None:
    cameras, die = hand.world.of(FrontCamera), genuine_die(hand.phone, KIND)
    if die not in cameras:
        rng = random.Random(f"front/{hand.world.seed}/{die}")
        camera, layout = made(die, hand.model, rng), hand.model.layout(KIND)
        signed: dict[str, FieldValue] = {
            "signature": layout.field("signature").constant,
            SERIAL.value: f"{rng.getrandbits(48):012X}",
        }
        camera.memory = encode(layout, {**signed, **calibrated(camera, rng)}).hex()
        cameras[die] = camera
    _fit(hand, cameras[die])


def _compare(hand: Hand) -> None:
    _must_be_off(hand)
    if not hand.phone.camera:
        raise No("no", "a known-good camera stays dark, too: the board runs none")


def _burn(hand: Hand) -> None:
    hand.world.of(FrontCamera).pop(_new_die(hand), None)


ROOM = StandinRoom(
    FrontCamera,
    seen=seen,
    hands={
        "compare_front_camera": _compare,
        "old_front_camera_on_holder": _old_on_holder,
        "solder_camera_flex": _solder,
        "new_front_camera_on_holder": _on_holder,
        "fit_front_camera": lambda hand: _fit(hand, _new(hand)),
        "fit_genuine_front_camera": _fit_genuine,
    },
    sockets=(HOLDER,),
    slips={"solder_camera_flex": _burn},
    page=page,
    asked={
        "phone.front_record": _record,
        "phone.front_state": _state,
        "phone.release_front": _release,
        "phone.flash": _flash,
        "phone.flash_step": _flash_step,
        "phone.finish_front_camera": _finish,
        "phone.frame": _frame,
    },
    hidden=frozenset({Function.FRONT_CAMERA}),
)
