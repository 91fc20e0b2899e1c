"""The demo's face modules."""

import random
from functools import lru_cache
from math import cos
from typing import Any

from daruma.core.kinds.face_module import IDENTITIES, KIND, FaceState, FaceTicket
from daruma.core.model import Model
from daruma.core.records import FieldValue, encode
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.kinds.face_module import Module
from daruma.standin.world import Phone

COLUMNS, ROWS = 28, 15  # of the common pattern; each dot stands somewhere in its own cell
STEP = 1 / 8192  # rad: directions are kept in such steps


@lru_cache(maxsize=1)
def _pattern() -> tuple[tuple[float, float], ...]:
    rng = random.Random("the pattern that all modules have in common")
    width, height = 1.06 / COLUMNS, 0.82 / ROWS
    return tuple(
        (-0.56 + width * (column + 0.5 + rng.uniform(-0.35, 0.35)), -0.41 + height * (row + 0.5 + rng.uniform(-0.35, 0.35)))
        for row in range(ROWS)
        for column in range(COLUMNS)
    )


def glass_map(rng: random.Random) -> list[tuple[float, float]]:
    """Return one module's map: the common pattern turned, shifted by some mrad and smoothly bent by its own glass."""
    x_shift, y_shift, turn = (rng.gauss(0, 0.003) for _ in range(3))
    bends = [[(rng.gauss(0, 2.2e-4), rng.gauss(0, 3), rng.gauss(0, 3), rng.uniform(0, 6.283)) for _ in range(6)] for _ in "xy"]
    found = []
    for x, y in _pattern():
        bent = [sum(size * cos(a * x + b * y + phase) for size, a, b, phase in waves) for waves in bends]
        found.append((x - turn * y + x_shift + bent[0], y + turn * x + y_shift + bent[1]))
    return [(round(x / STEP) * STEP, round(y / STEP) * STEP) for x, y in found]


def own(_: Maker, model: Model, phone: Phone, entry: Entry) -> Module:
    """Return the face module that a phone left the factory with; what is wrong with it is in the entry."""
    die = f"V{phone.imei}"
    dots = [value for dot in glass_map(random.Random(f"{phone.imei}/glass")) for value in dot]
    layout = model.layout(KIND)
    values: dict[str, FieldValue] = {"signature": layout.field("signature").constant, "revision": 3}
    values |= {identity.value: phone.board[identity.value] for identity in IDENTITIES}
    values |= {f"dot_map_{block + 1}": tuple(dots[140 * block : 140 * (block + 1)]) for block in range(6)}
    fault = entry.get("face_fault", "fused" if "face" in entry else "")
    return Module(
        die,
        "",
        model.key,
        encode(layout, values).hex(),
        infrared=fault != "infrared",
        flood=fault != "flood",
        link={"fused": "fused", "silent": "silent", "repaired": "fused"}.get(fault, "intact"),
        repaired=fault == "repaired",
    )


def ticket(entry: Entry, _: Any) -> FaceTicket | None:
    """Return what intake writes down of the module, where it is named."""
    return FaceTicket(state=FaceState(entry["face"])) if "face" in entry else None


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"face": FaceState.DARK.value})
