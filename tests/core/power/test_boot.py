"""What a trace of the charging cable says of a phone's start: random starts, meters and ends, none of them the stand-in's own."""

import itertools
import random

import numpy as np
import pytest

from daruma.core.cell.log import Floats
from daruma.core.cell.spans import Phase, Span
from daruma.core.power.boot import boot_of, with_starts
from daruma.core.power.signature import Boot, BootSignature


def signature(rng: random.Random) -> BootSignature:
    """Return what an invented model draws while it starts: steps between quiet and full work."""
    settle = rng.uniform(12, 40)
    count = rng.randint(4, 9)
    times = sorted(rng.uniform(0.5, settle) for _ in range(count - 1))
    levels = [rng.choice((0.1, 0.3, 0.5, 0.8, 1.1)) * rng.uniform(0.85, 1.15) for _ in range(count)]
    if max(levels) - min(levels) < 0.3:
        levels[-1], levels[0] = 1.2, 0.1
    corners = [(0.0, levels[0])]
    for at, before, after in zip(times, levels[:-1], levels[1:], strict=True):
        if at + 0.15 > corners[-1][0] + 0.05:
            corners += [(max(at, corners[-1][0] + 0.01), before), (at + 0.2, after)]
    return BootSignature(tuple(corners), settle)


def drawn(model: BootSignature, seconds: Floats) -> Floats:
    return np.interp(seconds, *zip(*model.corners, strict=True))


def trace(rng: random.Random, model: BootSignature, truth: Boot) -> tuple[Floats, Floats, Floats]:
    """Return a trace: nothing on the cable for a while, then a phone that does as it does."""
    noise = np.random.default_rng(rng.randrange(1 << 30))
    rate, idle = rng.choice((4.0, 10.0, 50.0, 200.0, 1000.0)), rng.uniform(1.0, 5.0)
    t = np.arange(0, idle + 5 * model.settle, 1 / rate)
    on = t - idle
    a, v = np.zeros_like(t), np.full_like(t, 5.1)
    match truth:
        case Boot.BOOTS:
            after = rng.uniform(0.3, 1.6) * (1 + 0.1 * np.sin(on))
            a = np.where(on < model.settle, drawn(model, on), after)
        case Boot.LOOPS:
            length, pause = rng.uniform(0.3, 0.8) * model.settle, rng.uniform(0.8, 3.0)
            within = np.mod(on, length + pause)
            a = np.where(within < length, drawn(model, within), 0.003)
        case Boot.HANGS:
            stop = rng.uniform(0.15, 0.6) * model.settle
            a = drawn(model, np.minimum(on, stop))
        case Boot.DEAD:
            a = np.full_like(t, rng.uniform(0, 0.015))
        case Boot.SHORTED:
            a, v = np.full_like(t, rng.uniform(0.5, 3)), np.where(on < 0, 5.1, rng.uniform(0.5, 3.5))
    a = np.where(on < 0, 0.0, a)
    spikes = 1 + rng.uniform(0, 0.15) * noise.standard_normal(len(t)) * (a > 0.05) * (truth is not Boot.HANGS)
    return t, v - 0.08 * a + noise.normal(0, 0.005, len(t)), a * spikes + noise.normal(0, 0.002, len(t))


@pytest.mark.parametrize("truth", [Boot.BOOTS, Boot.LOOPS, Boot.HANGS, Boot.DEAD, Boot.SHORTED])
def test_what_a_phone_does_is_told_from_its_trace(truth: Boot) -> None:
    wrong, unknown = [], 0
    for seed in range(120):
        rng = random.Random(f"{truth.value}/{seed}")
        model = signature(rng)
        found = boot_of(*trace(rng, model, truth), model)
        unknown += found.boot is Boot.UNKNOWN
        if found.boot not in (truth, Boot.UNKNOWN):
            wrong.append((seed, found.boot.value, found.why))
    assert len(wrong) <= 3, wrong
    assert unknown <= 12


def test_another_models_start_is_not_called_a_start() -> None:
    taken = 0
    for seed in range(120):
        rng = random.Random(f"other/{seed}")
        model, other = signature(rng), signature(rng)
        found = boot_of(*trace(rng, other, Boot.BOOTS), model)
        taken += found.boot is Boot.BOOTS
    assert taken <= 12, "two invented starts are alike by chance now and then"


def test_what_is_too_short_or_begins_too_late_decides_nothing() -> None:
    rng = random.Random(1)
    model = signature(rng)
    t, v, a = trace(rng, model, Boot.BOOTS)
    short, late = t < 6, t > 8
    assert boot_of(t[short], v[short], a[short], model).boot is Boot.UNKNOWN
    found = boot_of(t[late], v[late], a[late], model)
    assert found.boot is Boot.UNKNOWN
    assert "before it is plugged in" in found.why
    nothing = np.zeros(50)
    found = boot_of(np.arange(50) * 0.1, nothing + 5, nothing, model)
    assert found.boot is Boot.UNKNOWN
    assert "only 5 s" in found.why


def test_without_a_signature_only_what_needs_none_is_told() -> None:
    rng = random.Random(3)
    model = signature(rng)
    assert boot_of(*trace(rng, model, Boot.SHORTED), None).boot is Boot.SHORTED
    assert boot_of(*trace(rng, model, Boot.DEAD), None).boot is Boot.DEAD
    assert boot_of(*trace(rng, model, Boot.BOOTS), None).boot is Boot.UNKNOWN


def test_starts_are_named_among_the_phases() -> None:
    rng = random.Random(4)
    model = signature(rng)
    t, v, a = trace(rng, model, Boot.LOOPS)
    verdict = boot_of(t, v, a, model)
    spans = with_starts((Span(Phase.CONSTANT_CURRENT, float(t[0]), float(t[-1])),), verdict, model)
    starts = [span for span in spans if span.phase is Phase.BOOT]
    assert len(starts) == len([run for run in verdict.runs if run.alike >= 0.8])
    assert all(one.end <= other.start + 1e-9 for one, other in itertools.pairwise(spans))
