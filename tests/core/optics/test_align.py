"""Camera against gyroscope: published rotations, a shifted signal, and the truth of random sweeps."""

import numpy as np
import pytest
from scipy.spatial.transform import Rotation
from tests.conftest import seeds

from daruma.core.optics.align import Floats, Turning, align, wahba


def test_two_directions_of_a_worked_example() -> None:
    """Schaub and Junkins, Analytical Mechanics of Space Systems, example of TRIAD: the first vector is trusted entirely."""
    body = np.array([[0.8273, 0.5541, -0.0920], [-0.8285, 0.5522, -0.0955]])
    inertial = np.array([[-0.1517, -0.9669, 0.2050], [-0.8393, 0.4494, -0.3044]])
    found = wahba(inertial, body, np.array([1e6, 1.0]))
    wanted = [[0.41556, -0.85509, 0.31005], [-0.83393, -0.49428, -0.24545], [0.36314, -0.15656, -0.91849]]
    assert found == pytest.approx(np.array(wanted), abs=1e-3)


def test_a_quarter_turn_and_never_a_mirror() -> None:
    """Kabsch's problem as SciPy's align_vectors solves it: a mirrored set is answered by a turn, determinant +1."""
    axes = np.eye(3)
    quarter = np.array([[0.0, 1, 0], [-1, 0, 0], [0, 0, 1]])
    assert np.degrees(np.linalg.norm(Rotation.from_matrix(wahba(axes, quarter)).as_rotvec())) == pytest.approx(90)
    assert np.linalg.det(wahba(axes, axes * [1, 1, -1])) == pytest.approx(1)
    rng = np.random.default_rng(1)
    normals = rng.normal(size=(200, 3))
    turn = Rotation.from_euler("ZYX", (90, -4, 2.5), degrees=True)
    assert wahba(normals, turn.apply(normals)) == pytest.approx(turn.as_matrix(), abs=1e-12)


def turning(t: Floats, rng: np.random.Generator) -> Floats:
    """Slow turning about three axes, sums of sines (as in a sweep by hand)."""
    waves = np.random.default_rng(int(rng.integers(1 << 30)))
    rate, size, phase = waves.uniform(0.15, 2.2, (3, 4)), waves.uniform(0.1, 0.5, (3, 4)), waves.uniform(0, 6.28, (3, 4))
    return np.stack([(size[i] * np.sin(2 * np.pi * np.outer(t, rate[i]) + phase[i])).sum(axis=1) for i in range(3)], axis=1)


def sweep(seed: int, seconds: float) -> tuple[Turning, Turning, Floats, float, Floats]:
    """A sweep: gyroscope at 200 Hz with noise and bias, camera at 30 frames a second, late by an offset."""
    rng, same = np.random.default_rng(seed), seed + 1000
    rotation = Rotation.from_rotvec(rng.normal(0, 0.3, 3)).as_matrix()
    offset, bias = float(rng.uniform(-0.08, 0.08)), rng.normal(0, 0.01, 3)
    t, frames = np.arange(0, seconds, 1 / 200), np.arange(0.05, seconds, 1 / 30)
    gyro = turning(t, np.random.default_rng(same)) + bias + rng.normal(0, 0.01, (len(t), 3))
    camera = turning(frames - offset, np.random.default_rng(same)) @ rotation + rng.normal(0, 0.02, (len(frames), 3))
    return Turning(t, gyro), Turning(frames, camera), rotation, offset, bias


@pytest.mark.parametrize("tried", seeds(25, 500, 5000))
def test_random_sweeps(tried: range) -> None:
    beyond = 0
    for seed in tried:
        gyro, camera, rotation, offset, bias = sweep(seed, 40)
        found = align(gyro, camera)
        assert np.linalg.det(found.rotation) == pytest.approx(1)
        off = np.degrees(np.linalg.norm(Rotation.from_matrix(found.rotation @ rotation.T).as_rotvec()))
        # three axes: 3.76 is for a vector what 3 is for a number
        beyond += off > 3.76 * found.rotation_u_deg
        beyond += abs(found.offset - offset) > 3 * found.offset_u
        beyond += int((np.abs(found.bias - bias) > 3 * found.bias_u).sum())
        assert off < 0.5
        assert abs(found.offset - offset) < 0.002
    print(f"{beyond} of {5 * len(tried)} figures beyond 3 standard uncertainties")
    assert beyond <= max(2, 0.02 * 5 * len(tried))


def test_a_signal_late_by_a_known_time() -> None:
    """Three sines at 200 Hz, a copy late by 37.5 ms: a parabola through the correlation's peak is 0.6 ms off, a fit is not."""
    t = np.arange(0, 20, 1 / 200)

    def smooth(at: Floats) -> Floats:
        one = np.sin(2 * np.pi * 0.35 * at) + 0.6 * np.sin(2 * np.pi * 0.83 * at + 0.4) + 0.3 * np.sin(2 * np.pi * 2.1 * at + 1.1)
        return np.stack((one, np.sin(2 * np.pi * 0.6 * at), 0.3 * np.cos(2 * np.pi * 0.45 * at)), axis=1)

    found = align(Turning(t, smooth(t)), Turning(t, smooth(t - 0.0375)))
    assert 1000 * found.offset == pytest.approx(37.5, abs=0.05)


def test_what_cannot_be_aligned_is_said() -> None:
    t = np.arange(0, 20, 1 / 100)
    rng = np.random.default_rng(2)
    one_axis = np.zeros((len(t), 3))
    one_axis[:, 2] = np.sin(2 * np.pi * 0.4 * t)
    with pytest.raises(ValueError, match="one axis only"):
        align(Turning(t, one_axis), Turning(t, one_axis))
    with pytest.raises(ValueError, match="30 at least"):
        align(Turning(t[:10], one_axis[:10]), Turning(t, one_axis))
    with pytest.raises(ValueError, match="do not rise"):
        align(Turning(t[::-1], one_axis), Turning(t, one_axis))
    with pytest.raises(ValueError, match="in common"):
        align(Turning(t, turning(t, rng)), Turning(t + 100, turning(t, rng)))
