"""The lamps of the light box and of the room, by their names in CIE 15."""

from daruma.standin.world import World

LAMPS = {"warm": "A", "neutral": "LED-B3", "cool": "D65"}
ROOM = "FL2"


def lights_on(world: World) -> list[tuple[str, float]]:
    """Return the lamps that shine on the phone, as published lamps with their lux."""
    shining = [(LAMPS[world.light], world.lux)] if world.light in LAMPS and world.lux > 0 else []
    return [*shining, (ROOM, world.stray)] if world.stray > 0 else shining
