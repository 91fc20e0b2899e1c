"""Ring-downs against the closed form of the damped oscillator; what does not ring is said."""

import numpy as np
import pytest
from tests.conftest import seeds

from daruma.core.haptic.ring import Floats, ring_down

RATE = 1600.0


def free(t: Floats, f0: float, damping: float, size: float = 10.0, phase: float = 0.3) -> Floats:
    """The damped oscillator: size exp(-z w t) cos(w sqrt(1 - z^2) t + phase)."""
    w = 2 * np.pi * f0
    return size * np.exp(-damping * w * t) * np.cos(w * np.sqrt(1 - damping**2) * t + phase)


@pytest.mark.parametrize(("f0", "damping"), [(150.0, 0.03), (168.0, 0.05), (190.0, 0.08), (60.0, 0.01)])
def test_without_noise_it_is_exact(f0: float, damping: float) -> None:
    t = np.arange(0, 0.25, 1 / RATE)
    found = ring_down(t, free(t, f0, damping))
    assert found.f0_hz == pytest.approx(f0, rel=1e-6)
    assert found.damping == pytest.approx(damping, rel=1e-5)


def test_the_logarithmic_decrement_agrees() -> None:
    """Textbook: the decrement of neighbouring peaks is 2 pi z / sqrt(1 - z^2)."""
    t = np.arange(0, 0.25, 1 / 64000)
    signal = free(t, 160, 0.04, phase=0.0)
    peaks = [i for i in range(1, len(t) - 1) if signal[i - 1] < signal[i] > signal[i + 1]]
    decrement = float(np.mean(np.log(signal[peaks[:-1]] / signal[peaks[1:]])[:8]))
    found = ring_down(t[::40], signal[::40])
    assert decrement == pytest.approx(2 * np.pi * found.damping / np.sqrt(1 - found.damping**2), rel=1e-3)


@pytest.mark.parametrize("tried", seeds(60, 500, 3000))
def test_random_motors_driven_or_not_before(tried: range) -> None:
    beyond = 0
    for seed in tried:
        rng = np.random.default_rng(seed)
        f0, damping, pre = rng.uniform(150, 190), rng.uniform(0.03, 0.08), rng.choice([0.0, 0.05])
        t = np.arange(0, 0.25, 1 / RATE)
        drive = 10 * np.minimum(1, t / 0.02) * np.sin(2 * np.pi * f0 * t)
        decay = free(t - pre, f0, damping, phase=2 * np.pi * f0 * pre - np.pi / 2 if pre else rng.uniform(0, 6.28))
        found = ring_down(t, np.where(t < pre, drive, decay) + rng.normal(0, 0.05, len(t)))
        beyond += (abs(found.f0_hz - f0) > 3 * found.f0_u) + (abs(found.damping - damping) > 3 * found.damping_u)
        assert found.f0_hz == pytest.approx(f0, abs=1.0)
    print(f"{beyond} of {2 * len(tried)} figures beyond 3 standard uncertainties")
    assert beyond <= max(2, 0.02 * 2 * len(tried))


def test_what_does_not_ring_is_said() -> None:
    t = np.arange(0, 0.25, 1 / RATE)
    rng = np.random.default_rng(1)
    with pytest.raises(ValueError, match=r"ring|decay"):
        ring_down(t, rng.normal(0, 1, len(t)))
    with pytest.raises(ValueError, match="20 at least"):
        ring_down(t[:5], t[:5])
    with pytest.raises(ValueError, match="do not rise"):
        ring_down(t[::-1], free(t, 160, 0.05))
