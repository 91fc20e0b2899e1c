"""Keep a world as JSON."""

import json
from pathlib import Path
from typing import Any

import msgspec

from daruma.standin.faults import load_faults
from daruma.standin.kinds import rooms
from daruma.standin.world import Phone, World


def load_world(path: Path) -> World:
    """Read a world from its JSON file."""
    raw: dict[str, Any] = json.loads(path.read_text(encoding="utf-8"))
    raw["phones"] = {key: Phone(**value) for key, value in raw["phones"].items()}
    things = {room.thing.KIND.value: room.thing for room in rooms()}
    raw["parts"] = {
        kind: {die: msgspec.convert(value, things[kind]) for die, value in held.items()} for kind, held in raw["parts"].items()
    }
    raw["faults"] = load_faults(raw.get("faults", {}))
    return World(**raw)


def save_world(world: World, path: Path) -> None:
    """Write a world to its JSON file, whole or not at all."""
    spare = path.with_suffix(".part")
    spare.write_bytes(msgspec.json.format(msgspec.json.encode(world), indent=1))
    spare.replace(path)
