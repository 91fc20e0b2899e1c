"""The ring-down of a haptic motor: resonance and damping by least squares on the free decay.

A free second-order resonator moves as exp(-z w t) cos(w sqrt(1 - z^2) t + p). For a frequency and a damping the amplitudes are a
linear fit (variable projection, Golub and Pereyra 1973), so only two numbers are searched; the logarithmic decrement starts them.
"""

from __future__ import annotations

from math import pi, sqrt
from typing import cast

import numpy as np
import numpy.typing as npt
from msgspec import Struct
from scipy.optimize import least_squares
from scipy.signal import hilbert

from daruma.core.language import tr

Floats = npt.NDArray[np.float64]
FEWEST = 20  # samples of a decay
_STRONG = 0.9  # of the strongest swing: what is less is decaying
_ABOVE = 3.0  # standard deviations of the noise: what lies below is no part of the decay


class RingDown(Struct, frozen=True):
    """Hold resonance (undamped, Hz) and damping ratio with their standard uncertainties, where the decay starts and ends (s), and
    the residuals' RMS in the unit of the signal.
    """

    f0_hz: float
    f0_u: float
    damping: float
    damping_u: float
    start: float
    end: float
    rms: float


def ring_down(t: Floats, a: Floats) -> RingDown:
    """Return resonance and damping of a signal a at times t (s); raise ValueError where nothing in it rings."""
    if len(t) != len(a) or len(t) < FEWEST:
        raise ValueError(f"{len(t)} samples: {FEWEST} at least are needed")
    if not (np.diff(t) > 0).all():
        raise ValueError("the times do not rise")
    trouble = ValueError(tr("nothing in it rings long enough to be measured"))
    for first, last in dict.fromkeys((_decay(a), (0, len(a)))):
        if last - first >= FEWEST:
            try:
                return _fitted(t[first:last], a[first:last])
            except ValueError as error:
                trouble = error
    raise trouble


def _fitted(t: Floats, a: Floats) -> RingDown:
    zero = float(t[0])
    f, z = _first_guess(t, a)

    def left(values: Floats) -> Floats:
        return _left(t - zero, a, values[0], values[1])

    within = ([0.5 * f, 1e-4], [1.5 * f, 0.95])
    guesses = [(f * s, z0) for s in (1.0, 0.985, 1.015) for z0 in (z, 0.05)]
    solved = (least_squares(left, guess, x_scale=[f * 1e-3, 1e-2], xtol=1e-14, ftol=1e-14, bounds=within) for guess in guesses)
    best = min(solved, key=lambda each: float(each.cost))
    f, z = best.x
    if not 2e-4 < z < 0.9:
        raise ValueError("what is left over does not decay as a resonator does")
    rms = float(np.sqrt(np.mean(best.fun**2)))
    if rms > 0.45 * float(np.std(a)):
        raise ValueError("it does not ring: no damped oscillation fits it")
    # two numbers searched, three fitted for them
    variance = float(best.fun @ best.fun) / max(1, len(t) - 5)
    covariance = np.linalg.pinv(best.jac.T @ best.jac) * variance
    sure = float(sqrt(covariance[0, 0])), float(sqrt(covariance[1, 1]))
    return RingDown(float(f), sure[0], float(z), sure[1], zero, float(t[-1]), rms)


def _basis(t: Floats, f: float, z: float) -> Floats:
    w = 2 * pi * f
    decay = np.exp(-np.clip(z * w * t, -50, 700))
    turn = w * np.sqrt(max(1e-9, 1 - z * z)) * t
    return np.column_stack((decay * np.cos(turn), decay * np.sin(turn), np.ones(len(t))))


def _left(t: Floats, a: Floats, f: float, z: float) -> Floats:
    terms = _basis(t, f, z)
    solved, *_ = np.linalg.lstsq(terms, a, rcond=None)
    return cast(Floats, terms @ solved - a)


def _decay(a: Floats) -> tuple[int, int]:
    """Return where the free decay starts and ends: from the last of the strong swings to where it drowns in the noise."""
    quiet = a - np.median(a)
    height = np.abs(hilbert(quiet))
    # the transform's own edge effects reach a few samples in
    edge = max(2, len(a) // 200)
    inner = height[edge:-edge] if len(a) > 2 * edge + 4 else height
    if not inner.max() > 0:
        raise ValueError("nothing in it rings: it does not move at all")
    strong = np.flatnonzero(inner > _STRONG * inner.max())
    first = 0 if strong[-1] < len(a) // 50 + edge else edge + int(strong[-1])
    noise = float(np.std(quiet[-max(8, len(a) // 10) :]))
    if noise > 0.3 * inner.max():
        return first, len(a)  # it rings to the end: there is no quiet tail to take the noise from
    over = np.flatnonzero(height[first:] > _ABOVE * noise)
    # it has drowned where it stays below the noise for a while: what comes after that is not of the decay
    drowned = np.flatnonzero(np.diff(over) > FEWEST // 2)
    last = first + int(over[drowned[0]] if len(drowned) else over[-1]) + 1 if len(over) else len(a)
    return first, max(last, min(len(a), first + FEWEST))


def _first_guess(t: Floats, a: Floats) -> tuple[float, float]:
    """Return a first frequency, from the spectrum's peak, and damping, from the logarithm of the envelope."""
    even = np.linspace(t[0], t[-1], len(t))
    signal = np.interp(even, t, a)
    signal = signal - signal.mean()
    size = 8 * len(signal)
    spectrum = np.abs(np.fft.rfft(signal * np.hanning(len(signal)), size))
    spectrum[: size // len(signal)] = 0
    f = float(np.fft.rfftfreq(size, even[1] - even[0])[int(np.argmax(spectrum))])
    height = np.abs(hilbert(signal))
    inner = slice(len(height) // 20, max(len(height) // 2, len(height) // 20 + 4))
    slope = np.polyfit(even[inner], np.log(np.maximum(height[inner], 1e-12)), 1)[0]
    return f, float(np.clip(-slope / (2 * pi * max(f, 1e-9)), 0.002, 0.5))
