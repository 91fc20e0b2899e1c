"""Hostile input for every reader, each measured in CPU seconds and memory: `python -m tests.hostile`."""

import json
import resource
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from pathlib import Path

from daruma.catalogue.loader import load_catalogue
from daruma.core.errors import Trouble
from daruma.handover.casefile import read_case
from daruma.handover.exchange import read_file
from daruma.handover.measurements import read_measurements
from daruma.handover.meter_log import read_log
from daruma.link.framing import unframe
from daruma.link.messages import unpack_answer, unpack_request
from tests.pace import slowness

LARGE = 10 << 20  # bytes
FITS = 390_000  # bytes: what the size limit of exchange files lets pass
HEAD = b"light,screen_x,screen_y,screen_z,ambient_x,ambient_y,ambient_z\n"

JSON = {
    "brackets": b"[" * LARGE,
    "objects": b'{"a":' * (LARGE // 5),
    "one string": b'"' + b"a" * LARGE + b'"',
    "digits": b"1" * LARGE,
    "members": b"{" + b'"x":1,' * (LARGE // 6) + b'"y":1}',
    "zeros": bytes(LARGE),
    "brackets that fit": b"[" * FITS,
    "members that fit": b"{" + b'"x":1,' * (FITS // 7) + b'"y":1}',
    "other members that fit": b"{" + b",".join(b'"x%d":1' % i for i in range(FITS // 12)) + b"}",
    "fields that fit": b'{"format":"daruma-backup","fields":[' + b'{"name":"a","value":"b"},' * (FITS // 26) + b"{}]}",
    "escapes that fit": b'"' + b"\\u0041" * (FITS // 6) + b'"',
}
CSV = {
    "commas": HEAD + b"," * LARGE,
    "lines": HEAD + b"\n" * (LARGE - 100),
    "one cell": HEAD + b"a" * LARGE,
    "quotes": HEAD + b'"' * (LARGE - 100),
    "rows": HEAD + b"warm,1,1,1,1,1,1\n" * (LARGE // 18),
    "head of commas": b"," * (LARGE - 100),
    "quoted lines": HEAD + b'"' + b"\n" * (LARGE - 100),
    "semicolons": b";" * (LARGE - 10),
    "digits": HEAD + b"warm," + b"1" * (LARGE - 100) + b",1,1,1,1,1\n",
    "returns": HEAD + b"\r" * (LARGE - 100),
    "lights": HEAD + b"".join(b"light%d,1,1,1,1,1,1\n" % n for n in range(5000)),
    "short lines": HEAD + b"a\n" * ((LARGE - 100) // 2),
}
FORM = b"CGATS.17\nBEGIN_DATA_FORMAT\nRGB_R RGB_G RGB_B XYZ_X XYZ_Y XYZ_Z\nEND_DATA_FORMAT\nBEGIN_DATA\n"
CGATS = {
    "rows": FORM + b"1 1 1 1 1 1\n" * ((LARGE - 200) // 12),
    "one line": FORM + b"1 " * ((LARGE - 200) // 2),
    "quotes": FORM + b'"' * (LARGE - 200),
    "quoted cells": FORM + b'"1" "1" "1" "1" "1" "1"\n' * ((LARGE - 200) // 24),
    "comments": FORM + b"#\n" * ((LARGE - 200) // 2),
    "formats": b"BEGIN_DATA_FORMAT\nA\nEND_DATA_FORMAT\n" * (LARGE // 40),
    "fields": b"BEGIN_DATA_FORMAT\n" + b"A B C D\n" * ((LARGE - 50) // 8),
    "nothing": FORM + b"END_DATA\n" * ((LARGE - 200) // 9),
}
NAMES = b"t (s),voltage (V),current (A)\n"
METER = {
    "one column": b"voltage (V)\n" + b"5.01\n" * (LARGE // 5),
    "no number": NAMES + b"a,b,c\n" * (LARGE // 6),
    "not a number": NAMES + b"nan,nan,nan\n" * (LARGE // 12),
    "infinite": NAMES + b"inf,inf,-inf\n" * (LARGE // 13),
    "time goes back": NAMES + b"".join(b"%d,5,1\n" % (n % 7) for n in range(LARGE // 6)),
    "commas": NAMES + b"," * LARGE,
    "one cell": NAMES + b"1" * LARGE,
    "quotes": NAMES + b'"' * (LARGE - 100),
    "open quote": NAMES + b'"' + b"1,5,1\n" * (LARGE // 6),
    "zeros": bytes(LARGE),
    "columns": b",".join(b"t%d" % n for n in range(LARGE // 8)) + b"\n",
    "bytes": bytes(range(128, 256)) * (LARGE // 128),
    "wide bytes": b"\xff\xfe" + bytes(range(1, 255)) * (LARGE // 254),
    "returns": NAMES + b"\r" * LARGE,
    "semicolons": b";" * LARGE,
    "one sample": NAMES + b"0,5,1\n",
}
MIDDLE = 60_000
TOML = {
    "large": b"a" * LARGE,
    "brackets": b"a=" + b"[" * MIDDLE,
    "brackets in a line": b"a=" + b"[" * 900,
    "one dotted key": b"a." * (MIDDLE // 2) + b"b=1",
    "dotted keys": b"".join(b"a%d." % i + b"a." * 480 + b"b=1\n" for i in range(MIDDLE // 980)),
    "tables": b"[[a]]\n" * (MIDDLE // 6),
    "keys": b"".join(b"k%d=1\n" % i for i in range(MIDDLE // 9)),
    "nested tables": b"".join(b"[" + b"a." * i + b"a]\n" for i in range(200)),
    "inline": b"a=" + b"{a=" * 300,
    "digits": b"a=" + b"1" * 900,
    "more digits": b"a=" + b"1" * 5000,
    "not text": b"\xff" * 100,
}
FRAMES = {
    "array": b"\x9b" + b"\xff" * 8 + bytes(100),
    "nested arrays": b"\x81" * 16000,
    "nested maps": b"\xa1\x00" * 8000,
    "bytes": b"\x5b" + b"\xff" * 8,
    "large number": b"\xc2\x59\x3e\x00" + b"\xff" * 15872,
    "tags": b"\xc0" * 16000,
    "expression": b"\xa1\x61i\xd8\x23\x78\x20" + b"(a+)+$" * 5,
    "without end": b"\x9f" * 16000,
    "shared": b"\xd8\x1c\x81\xd8\x1d\x00",
    "doubling": b"\x82" * 12 + b"".join(b"\xd8\x1c\x82" + b"\xd8\x1d" + bytes([n]) * 2 for n in range(23)) + b"\x00",
    "deep maps": b"\xa1\x61a" * 5000 + b"\xf6",
    "wide": b"\xa1\x61r\x99\x3f\x00" + b"\xf6" * 16128,
    "date": b"\xc1\xfb\x7f\xf0" + bytes(6),
    "decimal": b"\xa1\x61i\xc4\x82\x1a\x7f\xff\xff\xff\x01",
    "float": b"\xa1\x61i\xc5\x82\x1a\x7f\xff\xff\xff\x01",
    "fraction": b"\xd8\x1e\x82\x01\x00",
}


def readers(folder: Path) -> Iterator[tuple[str, Callable[[], object]]]:
    """Yield every reader with every input that is bad for it."""

    def file(data: bytes, name: str) -> Path:
        path = folder / name
        path.write_bytes(data)
        return path

    models = folder / "models"
    models.mkdir()

    def model(data: bytes) -> None:
        (models / "m.toml").write_bytes(data)
        (trouble,) = load_catalogue(models).troubles
        raise trouble

    for name, data in JSON.items():
        yield f"backup: {name}", lambda data=data: read_file(file(data, "e.json"))
        yield f"case: {name}", lambda data=data: read_case(file(data, "c.json"))
    for name, data in (*CSV.items(), *CGATS.items()):
        yield f"measurements: {name}", lambda data=data: read_measurements(data, "now", "x.csv")
    for name, data in METER.items():
        yield f"meter: {name}", lambda data=data: read_log(file(data, "m.csv"))
    for name, data in TOML.items():
        yield f"model: {name}", lambda data=data: model(data)
    for name, data in FRAMES.items():
        for reader in (unframe, unpack_answer, unpack_request):
            yield f"{reader.__name__}: {name}", lambda data=data, reader=reader: reader(data)


def main() -> int:
    """Print name, CPU seconds of a machine that does nothing else, megabytes and what was said, as JSON lines."""
    with tempfile.TemporaryDirectory() as folder:
        load_catalogue()
        for name, read in readers(Path(folder)):
            before, start = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss, time.process_time()
            try:
                read()
                said = "accepted"
            except Trouble as trouble:
                said = f"trouble: {trouble.what}"
            seconds = (time.process_time() - start) / slowness()
            grown = (resource.getrusage(resource.RUSAGE_SELF).ru_maxrss - before) / 1024
            print(json.dumps([name, round(seconds, 3), round(grown, 1), said[:300]]), flush=True)
    return 0


if __name__ == "__main__":
    sys.exit(main())
