"""Faults to play: by command, by probability, by script. What each does is for the stand-in that asks for it."""

import random
from collections.abc import Iterable, Mapping
from fnmatch import fnmatchcase
from typing import Any

from msgspec import Struct, field
from msgspec.structs import asdict, fields

from daruma.standin.errors import No

FAULTS: dict[str, str] = {
    # on the wire
    "unplug": "the wire goes dead after `at` bytes of the answer; the device is plugged in again later",
    "unplug_request": "the wire goes dead before the whole request has arrived",
    "lost_answer": "the answer does not arrive",
    "flipped_bit": "one bit of the answer's frame is flipped",
    "flipped_request": "one bit of the request's frame is flipped",
    "doubled_answer": "the answer comes twice",
    "late_answer": "the answer comes after the next one was asked for",
    "slow": "the answer takes `seconds`",
    # in the programmer
    "reset": "the programmer restarts; in a commit after `at` bytes were written",
    "die": "the whole bench process dies after the request was carried out",
    "old_firmware": "the programmer is back at its first firmware",
    "poor_contact": "no part answers on the socket",
    "failing_adapter": "as poor contact, but more and more often",
    "noisy_contact": "bytes are read or written with a wrong bit",
    "wrong_part": "another part is put on the socket",
    "nameless_part": "the part does not say who it is",
    "twin_part": "another part on the bench calls itself the same",
    "air_too_hot": "the hot air is a third hotter than the step wants",
    # in the part
    "voltage_dip": "the supply dips in the write: nothing is written, the write counts",
    "torn_page": "only the first `at` bytes are written, success is reported",
    "stuck_bit": "bit `at` of the memory stays as it is",
    "write_ignored": "success is reported, nothing is written",
    "lying_answer": "it is written, or an activation begun, and the answer says that it is busy",
    "spoilt_and_denied": "something else is written, and the answer says that the bytes did not arrive",
    "supply_sags": "the supply gives less than it is set to, by a quarter",
    "folded_wrong": "an extension flex is folded the wrong way: every line reads open",
    "limit_reached": "the part takes no more writes",
    "foreign_maker": "the part refuses the record as another maker's",
    "spent_write_kills": "a write past the limit kills the part",
    # phone and hands
    "unbind_fails": "the phone does not unbind",
    "flash_fails": "the system does not come through while it is flashed",
    "service_busy": "the service that finishes parts is busy",
    "slip": "a hand act goes wrong for good",
}
PRESETS: dict[str, dict[str, Any]] = {
    "failing_adapter": {"times": -1, "chance": 0.05, "growth": 0.05},
    "stuck_bit": {"times": -1},
}


class Armed(Struct):
    """Hold one fault that waits: how often it still comes (-1: always), with what chance, at which requests.

    `skip` matching requests pass first; `chance` grows by `growth` with each matching request; `at` is a byte or bit,
    `device` and `op` are patterns.
    """

    name: str
    times: int = 1
    chance: float = 1.0
    growth: float = 0.0
    device: str = "*"
    op: str = "*"
    skip: int = 0
    at: int = 0
    seconds: float = 0.0

    def matches(self, device: str, op: str) -> bool:
        """Return whether a request is one of those that the fault waits for."""
        return self.times != 0 and fnmatchcase(device, self.device) and fnmatchcase(op, self.op)


class Faults(Struct):
    """Hold the faults that wait and how often each was played; `draws` counts the chances taken so far, so that the same
    seed plays the same faults.
    """

    armed: list[Armed] = field(default_factory=list)
    seed: int = 1
    draws: int = 0
    played: dict[str, int] = field(default_factory=dict)

    def arm(self, name: str, **how: Any) -> None:
        """Let a fault wait; `times` 0 takes every waiting one of that name back."""
        self.armed = [fault for fault in self.armed if fault.name != name or how.get("times", 1) != 0]
        if how.get("times", 1) != 0:
            self.armed.append(Armed(name, **{**PRESETS.get(name, {}), **how}))

    def take(self, name: str, op: str = "", device: str = "programmer") -> Armed | None:
        """Return a fault that is due for a request, and count it down."""
        for fault in self.armed:
            if fault.name == name and fault.matches(device, op) and self._is_due(fault):
                self.played[name] = self.played.get(name, 0) + 1
                return fault
        return None

    def _is_due(self, fault: Armed) -> bool:
        if fault.skip > 0:
            fault.skip -= 1
            return False
        self.draws += 1
        due = random.Random(f"{self.seed}/{self.draws}").random() < fault.chance
        fault.chance += fault.growth
        fault.times -= 1 if due and fault.times > 0 else 0
        return due


def read_fault(said: Mapping[str, Any]) -> tuple[str, dict[str, Any]]:
    """Read a fault from a request or a script; raise No for one that there is not."""
    name = str(said.get("name"))
    if name not in FAULTS:
        raise No("no", f"faults are {', '.join(FAULTS)}")
    kinds: dict[str, Any] = {field.name: field.type for field in fields(Armed)}
    if unknown := set(said) - set(kinds):
        raise No("no", f"a fault has no {', '.join(sorted(unknown))}")
    return name, {key: kinds[key](value) for key, value in said.items() if key != "name"}


def load_faults(raw: Mapping[str, Any]) -> Faults:
    """Return kept faults."""
    armed = [Armed(**fault) for fault in raw.get("armed", ())]
    return Faults(armed, int(raw.get("seed", 1)), int(raw.get("draws", 0)), dict(raw.get("played", {})))


def told(faults: Iterable[Armed]) -> list[dict[str, Any]]:
    """Return faults as plain values."""
    return [asdict(fault) for fault in faults]
