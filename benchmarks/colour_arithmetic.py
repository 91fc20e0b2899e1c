"""Colour arithmetic of a million samples beside the general library's vectorised calls, at equal or better accuracy."""

import statistics
import time
import warnings
from collections.abc import Callable
from functools import partial

import numpy as np

with warnings.catch_warnings():
    warnings.simplefilter("ignore")
    import colour

from daruma.core.colour.coordinates import chromaticity_uv
from daruma.core.colour.difference import delta_e_2000
from daruma.core.colour.temperature import cct_duv, planckian_uv

COUNT = 1_000_000
FEW = 50_000  # for the library's method that takes minutes for a million; both take the same ones
PAIRS = 5


def samples() -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """Return temperatures in K, distances from the locus, and the x, y they belong to."""
    rng = np.random.default_rng(1)
    kelvin, duv = np.exp(rng.uniform(np.log(1700), np.log(15000), COUNT)), rng.uniform(-0.02, 0.02, COUNT)
    grid = np.exp(np.linspace(np.log(1600), np.log(16000), 200_001))
    locus = planckian_uv(grid)
    at = np.column_stack([np.interp(kelvin, grid, locus[:, i]) for i in range(2)])
    slope = np.gradient(locus, axis=0) / np.linalg.norm(np.gradient(locus, axis=0), axis=1)[:, None]
    along = np.column_stack([np.interp(kelvin, grid, slope[:, i]) for i in range(2)])
    uv = at + duv[:, None] * np.column_stack([along[:, 1], -along[:, 0]])
    u, v = uv.T
    scale = 2 * u - 8 * v + 4
    return kelvin, duv, np.column_stack([3 * u / scale, 2 * v / scale])


def paired(ours: Callable[[], object], theirs: Callable[[], object]) -> tuple[float, float, list[float]]:
    """Return the median seconds of both, and how often ours fits into theirs, pair by pair."""
    mine, other = [], []
    for _ in range(PAIRS):
        start = time.perf_counter()
        ours()
        mine.append(time.perf_counter() - start)
        start = time.perf_counter()
        theirs()
        other.append(time.perf_counter() - start)
    return statistics.median(mine), statistics.median(other), [b / a for a, b in zip(mine, other, strict=True)]


def line(name: str, times: tuple[float, float, list[float]], accuracy: str) -> None:
    """Print one comparison."""
    mine, other, ratios = times
    spread = f"from {min(ratios):.1f} to {max(ratios):.1f}"
    print(f"{name:36} {mine:7.2f} s {other:7.2f} s   {statistics.median(ratios):6.1f} times as fast ({spread})   {accuracy}")


def main() -> None:
    """Print the table."""
    kelvin, duv, xy = samples()
    scale = -2 * xy[:, 0] + 12 * xy[:, 1] + 3
    uv = np.column_stack([4 * xy[:, 0], 6 * xy[:, 1]]) / scale[:, None]
    print("                                            ours    library")
    for name, count in (("Ohno 2013", FEW), ("Robertson 1968", COUNT)):
        some, uvs = xy[:count], uv[:count]
        with warnings.catch_warnings():
            warnings.simplefilter("ignore")
            found, theirs = cct_duv(some), colour.uv_to_CCT(uvs, method=name)
            times = paired(partial(cct_duv, some), partial(colour.uv_to_CCT, uvs, method=name))
        errors = [float(np.percentile(np.abs(k / kelvin[:count] - 1), 99.9)) for k in (found[0], theirs[:, 0])]
        offs = [float(np.percentile(np.abs(d - duv[:count]), 99.9)) for d in (found[1], theirs[:, 1])]
        words = f"99.9 % within: K {errors[0]:.0e} and {errors[1]:.0e}, Duv {offs[0]:.0e} and {offs[1]:.0e}"
        line(f"{count:9,} CCT, Duv, {name}", times, words)
    rng = np.random.default_rng(2)
    left, right = (rng.uniform((0, -80, -80), (100, 80, 80), (COUNT, 3)) for _ in range(2))
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        apart = float(np.max(np.abs(delta_e_2000(left, right) - colour.delta_E(left, right, method="CIE 2000"))))
        times = paired(lambda: delta_e_2000(left, right), lambda: colour.delta_E(left, right, method="CIE 2000"))
    line(f"{COUNT:9,} CIEDE2000", times, f"largest difference {apart:.0e}")
    xyz = rng.uniform(0.01, 100, (COUNT, 3))
    line(
        f"{COUNT:9,} u', v' of XYZ", paired(lambda: chromaticity_uv(xyz), lambda: colour.xy_to_Luv_uv(colour.XYZ_to_xy(xyz))), ""
    )


if __name__ == "__main__":
    main()
