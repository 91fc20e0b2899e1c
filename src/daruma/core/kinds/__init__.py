"""The kinds of parts: one table, in the order in which they are shown.

Work goes the other way round: the display closes the phone and comes last.

A layer finds a kind's module by its name, `daruma.<layer>.kinds.<name>`, and imports it when it is first needed.
"""

from collections.abc import Mapping
from functools import cache
from importlib import import_module
from types import ModuleType

from daruma.core.kinds.room import Room
from daruma.core.parts import Function, PartKind
from daruma.core.plan import phone
from daruma.core.plan.actions import Trait
from daruma.core.plan.case import Case

KINDS = {
    PartKind.DISPLAY: "display",
    PartKind.SENSOR_FLEX: "sensor_flex",
    PartKind.FACE_MODULE: "face_module",
    PartKind.FRONT_CAMERA: "front_camera",
    PartKind.REAR_CAMERA: "rear_camera",
    PartKind.BATTERY: "battery",
    PartKind.MOTOR: "motor",
}


def module(layer: str, kind: PartKind) -> ModuleType:
    """Return a layer's module for a kind of part."""
    return import_module(f"daruma.{layer}.kinds.{KINDS[kind]}")


@cache
def room(kind: PartKind) -> Room:
    """Return what the core knows of a kind of part."""
    found = module("core", kind).ROOM
    assert isinstance(found, Room)
    return found


@cache
def rooms() -> tuple[Room, ...]:
    """Return every kind's room."""
    return tuple(room(kind) for kind in KINDS)


def on_table(case: Case) -> tuple[Room, ...]:
    """Return the rooms of the parts that may be worked on in a case."""
    return tuple(each for each in rooms() if each.kind in case.parts)


@cache
def promisable() -> tuple[Function, ...]:
    """Return the functions that some kind speaks for; no other can be promised."""
    spoken = {function for each in rooms() for function in each.functions}
    return tuple(function for function in Function if function in spoken)


@cache
def traits() -> Mapping[str, Trait]:
    """Return what is so of every action in every case, by its key."""
    return {**phone.TRAITS, **{key: trait for each in rooms() for key, trait in each.traits.items()}}


def trait(key: str) -> Trait:
    """Return what is so of an action in every case."""
    return traits().get(key, Trait())
