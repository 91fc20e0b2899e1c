"""Ports as the machine has them, what bars a user from one, and a driver that comes as a package of its own."""

import os
import socket
import subprocess
import sys
import threading
from collections.abc import Iterator
from pathlib import Path
from types import SimpleNamespace

import pytest

from daruma.link import ports as found_ports
from daruma.link.ports import ask, ports, rights
from tests.forking import ForkedStandIns

ROOT = Path(__file__).parents[2]


def port(path: Path, **more: object) -> SimpleNamespace:
    usual = {"manufacturer": "", "product": "", "serial_number": "", "description": "", "vid": None, "pid": None}
    return SimpleNamespace(device=str(path), **{**usual, **more})


def test_ports_are_listed_with_what_bars_a_user_from_them(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    free, mine, roots = (tmp_path / name for name in ("tty0", "tty1", "tty2"))
    for path in (free, mine, roots):
        path.touch()
    listed = [port(roots, vid=0x1A86, pid=0x7523), port(free, manufacturer="A\x1b[31m", product="B"), port(mine)]
    monkeypatch.setattr(found_ports.list_ports, "comports", lambda: listed)
    monkeypatch.setattr(os, "access", lambda path, _: Path(path) == free)
    groups = {str(mine): "dialout", str(roots): "root"}
    now = {"path": ""}
    real_stat = Path.stat
    monkeypatch.setattr(Path, "stat", lambda self, **kw: (now.update(path=str(self)), real_stat(self, **kw))[1])
    monkeypatch.setattr(found_ports.grp, "getgrgid", lambda _: SimpleNamespace(gr_name=groups[now["path"]]))
    first, second, third = ports()
    assert (first.url, first.words, first.barred) == (str(free), "A\ufffd[31m, B", "")
    assert second.remedy.startswith("sudo usermod -aG dialout $USER")
    assert 'ATTRS{idVendor}=="1a86", ATTRS{idProduct}=="7523"' in third.remedy
    assert "udevadm" in third.remedy
    assert rights(tmp_path / "gone")[1] == "Plug the device in again."


def test_a_stand_in_says_that_it_is_one(standin: ForkedStandIns) -> None:
    answered = ask(standin.wires["programmer"])
    assert answered.device is not None
    assert answered.device.simulated
    assert "a stand-in" in answered.words
    gone = ask("/dev/no-such-port")
    assert gone.device is None
    assert "cannot be opened" in gone.words


@pytest.fixture
def probe() -> Iterator[str]:
    """A device that speaks lines of text."""
    server = socket.create_server(("127.0.0.1", 0))

    def serve() -> None:
        with server.accept()[0] as line, line.makefile("rwb", buffering=0) as wire:
            for asked in wire:
                wire.write({b"ID?\n": b"PROBE TP-7 1.2\n", b"T?\n": b"231.5\n"}.get(asked, b"?\n"))

    threading.Thread(target=serve, daemon=True).start()
    yield f"socket://127.0.0.1:{server.getsockname()[1]}"
    server.close()


def test_the_example_driver_is_installed_found_and_used(probe: str, tmp_path: Path) -> None:
    install = [sys.executable, "-m", "pip", "install", "--quiet", "--no-deps", "--no-index", "--no-build-isolation"]
    command = [*install, "--target", str(tmp_path), str(ROOT / "examples" / "driver")]
    subprocess.run(command, check=True, timeout=120, capture_output=True, cwd=tmp_path)
    code = (
        "import sys; from daruma.bench.rig import Rig\n"
        "rig = Rig({'thermocouple': sys.argv[1]}); probe = rig.thermocouple()\n"
        "said = probe.hello(); state = probe.state()\n"
        "print(type(probe).__name__, said.serial, state.newest, probe.samples(0)); rig.close()"
    )
    paths = os.pathsep.join([str(tmp_path), *(path for path in sys.path if path)])
    done = subprocess.run(
        [sys.executable, "-c", code, probe], env={**os.environ, "PYTHONPATH": paths}, capture_output=True, text=True, timeout=60
    )
    assert done.stdout.strip() == "ToyProbe TP-7 1 (1, (231.5,))", done.stderr
