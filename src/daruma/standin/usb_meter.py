"""The simulated meter in the charging cable: what a phone draws while it starts, starts again, hangs, is dead or shorted.

Its clock is the wall's. What is drawn follows from the phone on the cable and from how long ago it was plugged in, so that the
same sample reads the same however often it is asked for.
"""

from __future__ import annotations

import secrets
import time
from collections.abc import Callable, Mapping
from typing import Any

import numpy as np
from msgspec import Struct, field

from daruma.catalogue.loader import Catalogue
from daruma.core.cell.log import Floats
from daruma.core.power.boot import drawn
from daruma.core.power.signature import Boot, BootSignature
from daruma.standin.world import Phone, World

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]
MOST_KEPT = 600_000  # samples that it remembers
_OHM = 0.09  # of the cable before the meter
_SHORT_AMPERES, _SHORT_VOLTS = 1.1, 1.9
_CHARGES, _KEEPS = 1.35, 0.32  # A that a phone draws when it has started, and when it is full
_FILLS = 5400.0  # seconds in which what it draws falls to a third
_LEAKS = 0.004  # A of a phone that does not start
_BROKEN_OFF = 0.62  # of a start, after which a phone in a loop begins anew
_OUT = 1.2  # seconds that plugging in takes
_PAUSE = 1.6  # seconds between two starts of a loop
_HANGS = 0.5  # of a start, after which a phone that hangs goes no further


class Plugged(Struct):
    """Hold what is on the cable since a sample: a phone's way to start, as its model draws, or nothing."""

    since: int
    boot: Boot | None = None
    signature: BootSignature | None = None


class Meter(Struct):
    """Hold the meter: what was on the cable since when. `rate` is its samples a second, `speed` how much faster than life."""

    seed: int = 0
    rate: float = 100.0
    speed: float = 1.0
    run: str = field(default_factory=lambda: secrets.token_hex(6))
    began: float = field(default_factory=lambda: time.monotonic())
    plugged: list[Plugged] = field(default_factory=lambda: [Plugged(0)])

    def newest(self) -> int:
        """Return the number of the newest sample."""
        return int((time.monotonic() - self.began) * self.speed * self.rate)

    def plug(self, boot: Boot | None, signature: BootSignature | None) -> None:
        """Unplug what is on the cable and, a moment later, plug something else in, or nothing."""
        now = self.newest()
        self.plugged += [Plugged(now), Plugged(now + round(_OUT * self.rate), boot, signature)]
        del self.plugged[:-50]

    def samples(self, after: int, most: int) -> tuple[int, Floats, Floats]:
        """Return the number of the first sample after a number, volts and amperes."""
        newest = self.newest()
        first = max(after + 1, newest - MOST_KEPT + 1)
        numbers = np.arange(first, min(newest, first + most - 1) + 1)
        volts, amperes = np.full(len(numbers), 5.12), np.zeros(len(numbers))
        for place, each in enumerate(self.plugged):
            until = self.plugged[place + 1].since if place + 1 < len(self.plugged) else newest + 1
            inside = (numbers > each.since) & (numbers <= until)
            if inside.any():
                volts[inside], amperes[inside] = self._drawn(each, (numbers[inside] - each.since) / self.rate)
        noise = np.random.default_rng([self.seed, first])
        told_v = volts - _OHM * amperes + noise.normal(0, 0.002, len(numbers))
        return first, told_v, amperes + noise.normal(0, 0.0015, len(numbers))

    def _drawn(self, plugged: Plugged, seconds: Floats) -> tuple[Floats, Floats]:
        """Return volts and amperes at times since the phone was plugged in."""
        volts = np.full(len(seconds), 5.12)
        signature = plugged.signature
        if plugged.boot is None:
            return volts, np.zeros(len(seconds))
        if plugged.boot is Boot.SHORTED:
            return np.full(len(seconds), _SHORT_VOLTS + _OHM * _SHORT_AMPERES), np.full(len(seconds), _SHORT_AMPERES)
        if plugged.boot is Boot.DEAD or signature is None:
            return volts, np.full(len(seconds), _LEAKS)
        return volts, _starting(plugged.boot, signature, seconds)


def _starting(boot: Boot, signature: BootSignature, seconds: Floats) -> Floats:
    """Return what is drawn at times since a phone was plugged in that starts in one way or another."""
    if boot is Boot.LOOPS:
        length = _BROKEN_OFF * signature.settle
        within = np.mod(seconds, length + _PAUSE)
        return np.where(within < length, _work(drawn(signature, within), within), _LEAKS)
    if boot is Boot.HANGS:
        return drawn(signature, np.minimum(seconds, _HANGS * signature.settle))
    after = seconds - signature.settle
    charging = _KEEPS + (_CHARGES - _KEEPS) * np.exp(-np.maximum(after, 0.0) / _FILLS)
    return np.where(after < 0, _work(drawn(signature, seconds), seconds), charging * (1 + 0.04 * np.sin(seconds * 2.3)))


def _work(amperes: Floats, seconds: Floats) -> Floats:
    """Return what is drawn with the spikes of a phone at work."""
    worked: Floats = amperes * (1 + 0.12 * np.sin(seconds * 41.0) * np.sin(seconds * 7.3) ** 2)
    return worked


class UsbMeterSim:
    """Answer as a meter in the charging cable."""

    def __init__(self, world: World, catalogue: Catalogue) -> None:
        self._world = world
        self._catalogue = catalogue
        self._meter: Meter | None = None
        self._on: tuple[str, Boot, int] | None = None

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": lambda _: {"kind": "usb_meter", "name": "Stand-in cable meter", "serial": "SM-0001", "firmware": "1.0"},
            "usb.state": self._state,
            "usb.samples": self._samples,
        }

    def _now(self) -> Meter:
        world = self._world
        meter = self._meter = self._meter or Meter(world.seed, world.usb_rate, world.usb_speed)
        phone = world.phones.get(world.cable or "")
        on = (phone.imei, start_of(phone), world.plugs) if phone is not None else None
        if on != self._on:
            self._on = on
            signature = self._catalogue.models[phone.model].boot if phone is not None else None
            meter.plug(on[1] if on is not None else None, signature)
        return meter

    def _state(self, _: Mapping[str, Any]) -> dict[str, Any]:
        meter = self._now()
        offers = list(self._world.charger)
        return {"run": meter.run, "rate": meter.rate, "newest": meter.newest(), "offers": offers, "celsius": 27.5}

    def _samples(self, args: Mapping[str, Any]) -> dict[str, Any]:
        first, volts, amperes = self._now().samples(int(args["after"]), min(1500, int(args["most"])))
        return {"first": first, "uv": _bytes(volts), "ua": _bytes(amperes)}


def start_of(phone: Phone) -> Boot:
    """Return how a phone starts on its cable: what ails it may be a part that is still in it."""
    if not (phone.on and phone.battery_connected):
        return Boot.DEAD
    if phone.ails and phone.ails not in (phone.imei, *phone.fitted.values()):
        return Boot.BOOTS
    return Boot(phone.start)


def _bytes(values: Floats) -> bytes:
    return np.round(values * 1e6).astype("<i4").tobytes()
