"""Logs of any meter: what is understood of their columns, and what of them cannot be used."""

from itertools import product
from pathlib import Path

import numpy as np
import pytest

from daruma.core.errors import Trouble
from daruma.handover.meter_answer import meter_answer
from daruma.handover.meter_log import MeterLog, read_log

T = np.arange(0.0, 120.0, 0.5)
V = 5.0 + 0.01 * np.sin(T)
A = np.where(T < 60, 1.25, 0.4)


def kept(tmp_path: Path, text: str | bytes) -> Path:
    path = tmp_path / "log.csv"
    path.write_bytes(text.encode() if isinstance(text, str) else text)
    return path


def clock(seconds: float) -> str:
    return f"{int(seconds // 3600)}:{int(seconds // 60) % 60:02d}:{seconds % 60:05.2f}"


TIMES = {
    "Time [s]": lambda t: f"{t:.3f}",
    "time_ms": lambda t: f"{1000 * t:.0f}",
    "timestamp": lambda t: f"{1.7e9 + t:.2f}",
    "Timestamp (ms)": lambda t: f"{1.7e12 + 1000 * t:.0f}",
    "elapsed": clock,
    "Date": lambda t: f"2026-03-01 10:{int(t // 60):02d}:{t % 60:05.2f}",
    "time": lambda t: f"2026/03/01T10:{int(t // 60):02d}:{t % 60:05.2f}",
}
UNITS = {
    ("Voltage (V)", "Current (A)"): (1, 1),
    ("mV", "mA"): (1e3, 1e3),
    ("Vbus_V", "Ibus_mA"): (1, 1e3),
    ("u [V]", "i [A]"): (1, 1),
}


@pytest.mark.parametrize(("time", "units"), list(product(TIMES, UNITS)))
@pytest.mark.parametrize("separator", [",", ";", "\t"])
def test_every_way_to_write_a_log_says_the_same(time: str, units: tuple[str, str], separator: str, tmp_path: Path) -> None:
    by_v, by_a = UNITS[units]
    names = ["Power (W)", units[1], time, units[0], "Energy (Wh)"]
    rows = [["3.2", f"{a * by_a:.6f}", TIMES[time](t), f"{v * by_v:.6f}", "0.1"] for t, v, a in zip(T, V, A, strict=True)]
    comma = separator == ";"
    lines = [separator.join(cell.replace(".", ",") if comma else cell for cell in row) for row in rows]
    text = "\n".join(["# a meter", "", separator.join(names), *lines, ""])
    log = read_log(kept(tmp_path, "\ufeff" + text))
    assert log.t == pytest.approx(T, abs=0.011)
    assert log.v == pytest.approx(V, abs=1e-5)
    assert log.a == pytest.approx(A, abs=1e-5)
    assert log.left_out == 0
    wide = read_log(kept(tmp_path, text.encode("utf-16")))
    assert wide.v == pytest.approx(V, abs=1e-5)


def plain(rows: list[str]) -> str:
    return "t,V,A\n" + "\n".join(rows) + "\n"


def rows_of(t: np.ndarray = T) -> list[str]:
    return [f"{a:.2f},{b:.4f},{c:.4f}" for a, b, c in zip(t, V, A, strict=False)]


@pytest.mark.parametrize(
    ("rows", "why"),
    [
        ([*rows_of()[:50], *rows_of()[20:60]], "time goes back"),
        (["1,2,3"], "fewer than two samples"),
        (["nan,nan,nan"] * 50, "fewer than two samples"),
        (["a,b,c"] * 50, "fewer than two samples"),
    ],
)
def test_what_cannot_be_used_is_said(rows: list[str], why: str, tmp_path: Path) -> None:
    with pytest.raises(Trouble) as caught:
        read_log(kept(tmp_path, plain(rows)))
    assert why in caught.value.what


@pytest.mark.parametrize(
    "text", ["", "\n\n\n", "V\n1\n2\n3\n", "1\n2\n3\n", "t,V\n0,1\n1,2\n", "\0" * 5000, "<html>no log</html>"]
)
def test_a_file_that_is_no_log_is_refused(text: str, tmp_path: Path) -> None:
    with pytest.raises(Trouble):
        read_log(kept(tmp_path, text))


def test_rows_that_say_nothing_are_left_out_and_counted(tmp_path: Path) -> None:
    rows = rows_of()
    rows[10], rows[20], rows[30] = "5.0,x,1.2", "10.0,nan,1.2", "15.0"
    log = read_log(kept(tmp_path, plain(rows)))
    assert log.left_out == 3
    assert len(log.t) == len(rows) - 3


def test_columns_without_names_are_told_by_what_they_can_be(tmp_path: Path) -> None:
    text = "\n".join(f"{a:.4f};{b:.4f};{t:.1f}" for a, b, t in zip(A, V, T, strict=True)) + "\n"
    log = read_log(kept(tmp_path, text))
    assert log.v == pytest.approx(V, abs=1e-3)
    assert log.a == pytest.approx(A, abs=1e-3)


def test_two_samples_at_one_time_are_a_step(tmp_path: Path) -> None:
    log = read_log(kept(tmp_path, plain(["0,5,0", "1,5,0", "1,4.9,1", "1,4.9,1", "2,4.9,1"])))
    assert log.t.tolist() == [0, 1, 1, 2]
    assert log.left_out == 1


def broken(rng: np.random.Generator) -> bytes:
    """A log that something happened to."""
    raw = bytearray(plain(rows_of()).encode())
    for _ in range(rng.integers(1, 12)):
        at = int(rng.integers(0, len(raw)))
        match rng.integers(0, 4):
            case 0:
                raw[at] = int(rng.integers(0, 256))
            case 1:
                del raw[at : at + int(rng.integers(1, 200))]
            case 2:
                raw[at:at] = bytes(rng.integers(0, 256, 20, dtype=np.uint8))
            case _:
                raw[at:at] = rng.choice([b"1e999,", b"\n\n", b'"', b"-", b";;;;", b"9" * 400])
    return bytes(raw)


@pytest.mark.parametrize("block", range(4))
def test_a_broken_log_is_judged_or_refused(block: int, tmp_path: Path) -> None:
    for seed in range(50 * block, 50 * block + 50):
        try:
            log = read_log(kept(tmp_path, broken(np.random.default_rng(seed))))
        except Trouble as trouble:
            assert trouble.what
            assert trouble.safe
            continue
        assert isinstance(log, MeterLog)
        assert (np.diff(log.t) >= 0).all()
        answer = meter_answer(log)
        assert np.isfinite(answer["charge_mAh"]["positive"]["value"]), seed
