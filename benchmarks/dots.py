"""How long the dots of a projector take: matched and fitted, beside a brute-force fit by a general library; and the picture.

The brute-force fit lets SciPy's least_squares move pose and plane while each seen dot is paired with the nearest of all expected
ones, found by comparing all with all. Medians of several runs in this process; what counts is the ratio.
"""

import statistics
import sys
import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
from scipy.optimize import least_squares
from scipy.spatial.distance import cdist

sys.path.insert(0, str(Path(__file__).parents[1]))

from tests.core.depth.modules import Floats, module, picture, seen

from daruma.core.depth.fitting import Card, fit
from daruma.core.depth.proof import judge
from daruma.core.depth.sheet import DotSheet
from daruma.core.depth.view import View
from daruma.core.pictures.dot_field import depth_map, dot_field

ROUNDS = 15


def median(work: Callable[[], object]) -> float:
    """Return the median time in milliseconds."""
    times = []
    for _ in range(ROUNDS):
        start = time.perf_counter()
        work()
        times.append(1000 * (time.perf_counter() - start))
    return statistics.median(times)


def brute_force(view: View, dots: Floats, rays: Floats) -> Floats:
    """Fit by a general library: from the middle of what is looked for, all pairs compared at every step."""

    def residuals(values: Floats) -> Floats:
        expected = view.seen(rays, values[:3] * 1e-3, values[3:] * 1e-3)
        found: Floats = np.minimum(cdist(dots, expected).min(axis=1), 5.0)
        return found

    best: Floats = least_squares(residuals, [0, 0, 0, 0, 0, 1000 / 400], method="trf", loss="huber", max_nfev=60).x
    return best


def main() -> None:
    """Print the table."""
    view, rng = View(), np.random.default_rng(1)
    rays, plane = module(rng), np.array([1e-4, -5e-5, 1 / 380])
    dots = seen(rng, picture(rays, rng.normal(0, 0.0006, 3), plane))
    ours = median(lambda: fit(view, [Card((dots,))], rays))
    brute = median(lambda: brute_force(view, dots, rays))
    whole = median(lambda: judge(view, [Card((dots,))], rays))
    print(f"420 dots matched and fitted: {ours:.1f} ms, brute force {brute:.1f} ms, ratio {ours / brute:.2f}")
    print(f"the whole verdict: {whole:.1f} ms")
    cards = (Card((dots,)),)
    sheet = DotSheet(view, cards, rays, judge(view, cards, rays))
    field, depth = median(lambda: dot_field(440, 420, sheet)), median(lambda: depth_map(440, 420, sheet))
    print(f"dot field drawn: {field:.1f} ms, depth map {depth:.1f} ms")


if __name__ == "__main__":
    main()
