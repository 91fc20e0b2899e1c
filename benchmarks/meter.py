"""A meter's log of ten million samples: read, integrated, phased and drawn, beside a general reader reading the same file.

Each in a process of its own, in turns; the peak of memory is told beyond the size of the file.
"""

import json
import resource
import subprocess
import sys
import tempfile
import time
from pathlib import Path
from statistics import median

SAMPLES = 10_000_000
TURNS = 3


def make(path: Path, samples: int) -> None:
    """Write a log: a start, constant current, constant voltage."""
    import numpy as np
    import polars as pl

    rng = np.random.default_rng(1)
    t = np.arange(samples) / 1000
    end = t[-1]
    amps = np.where(t < 0.7 * end, 1.5, 1.5 * np.exp(-(t - 0.7 * end) / (0.1 * end))) + rng.normal(0, 0.002, samples)
    volts = 5.1 - 0.09 * amps + rng.normal(0, 0.002, samples)
    frame = pl.DataFrame({"Time (s)": t, "Voltage (V)": volts, "Current (A)": amps})
    frame.write_csv(path, float_precision=6)


def plain(path: Path) -> None:
    """Read the file with a general reader alone."""
    import polars as pl

    pl.read_csv(path)


def ours(path: Path) -> None:
    """Read, integrate, phase and draw it."""
    from daruma.core.pictures.cable_trace import Drawn, cable_trace
    from daruma.handover.meter_answer import meter_answer
    from daruma.handover.meter_log import read_log

    log = read_log(path)
    meter_answer(log)
    cable_trace(1050, 400, [Drawn("log", log.t, log.v, log.a)])


def once(how: str, path: Path) -> tuple[float, float]:
    """Return seconds and peak of memory in MB of a process that does its work once."""
    done = subprocess.run([sys.executable, __file__, how, str(path)], check=True, capture_output=True, text=True)
    seconds, peak = json.loads(done.stdout)
    return seconds, peak


def main() -> None:
    """Compare both."""
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "log.csv"
        make(path, SAMPLES)
        size = path.stat().st_size / 1e6
        once("ours", path)  # the file comes into the system's cache
        found = {how: [once(how, path) for _ in range(TURNS)] for how in ("plain", "ours")}
    seconds = {how: median(each[0] for each in runs) for how, runs in found.items()}
    peak = max(each[1] for each in found["ours"])
    print(f"a log of {SAMPLES} samples, {size:.0f} MB: ours {seconds['ours']:.2f} s, a general reader {seconds['plain']:.2f} s")
    print(
        f"ratio {seconds['ours'] / seconds['plain']:.2f} (at most 2, aim 1.2); memory {peak - size:.0f} MB beyond the file (600)"
    )


if __name__ == "__main__":
    if len(sys.argv) > 2:
        began = time.perf_counter()
        {"plain": plain, "ours": ours}[sys.argv[1]](Path(sys.argv[2]))
        spent = time.perf_counter() - began
        print(json.dumps([spent, resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1e3]))
    else:
        main()
