"""Without the libraries that Qt needs of the system the program says the one command that installs them."""

import subprocess
import sys
import textwrap
from pathlib import Path

import pytest

from daruma.system_libraries import OFFSCREEN, WINDOW, missing_in, refuse_missing, remedy

ROOT = Path(__file__).parents[1]
LOADER = "libEGL.so.1: cannot open shared object file: No such file or directory"


@pytest.mark.parametrize("language", ["en", "de"])
@pytest.mark.parametrize("command", [[], ["demo"]])
def test_a_missing_library_is_named_with_one_command(command: list[str], language: str, tmp_path: Path) -> None:
    script = f"""
        import sys

        class Loader:
            def find_spec(self, name, path=None, target=None):
                if name.startswith("PySide6"):
                    raise ImportError({LOADER!r})

        sys.meta_path.insert(0, Loader())
        sys.argv = ["daruma", "--data", {str(tmp_path / "shop")!r}, *{command!r}]
        from daruma.start import main
        main()
    """
    environment = {"PATH": "/usr/bin:/bin", "HOME": str(tmp_path), "DARUMA_LANGUAGE": language}
    done = subprocess.run(
        [sys.executable, "-c", textwrap.dedent(script)], capture_output=True, text=True, env=environment, check=False
    )
    assert done.returncode == 2
    assert "libEGL.so.1" in done.stderr
    assert f"sudo apt-get install {OFFSCREEN} {WINDOW}" in done.stderr
    assert "Traceback" not in done.stderr


def test_commands_that_open_no_window_need_none(tmp_path: Path) -> None:
    script = f"""
        import sys
        sys.modules["PySide6"] = None
        sys.argv = ["daruma", "--data", {str(tmp_path / "shop")!r}, "vault", "list"]
        from daruma.start import main
        main()
    """
    environment = {"PATH": "/usr/bin:/bin", "HOME": str(tmp_path)}
    subprocess.run([sys.executable, "-c", textwrap.dedent(script)], env=environment, check=True)


def test_what_the_loader_says_is_understood() -> None:
    assert missing_in(f"x.so: {LOADER}") == "libEGL.so.1"
    assert missing_in("something else") == ""
    assert "libEGL.so.1" in remedy("libEGL.so.1")


def test_the_plugin_of_the_window_is_tried_before_qt_ends_the_program(tmp_path: Path) -> None:
    """A library that needs another one which is not there, made here from nothing but a line of C."""
    needed, plugin = tmp_path / "libneeded.so", tmp_path / "libplugin.so"
    for target, more in ((needed, []), (plugin, ["-Wl,--no-as-needed", f"-L{tmp_path}", "-lneeded"])):
        made = subprocess.run(
            ["cc", "-shared", "-x", "c", "-o", str(target), "/dev/null", *more], capture_output=True, check=False
        )
        if made.returncode:
            pytest.skip("there is no compiler here")
    needed.unlink()
    assert "libneeded.so" in (refuse_missing({"DISPLAY": ":0"}, plugin) or "")
    assert refuse_missing({"QT_QPA_PLATFORM": "offscreen"}, plugin) is None
    assert refuse_missing({"WAYLAND_DISPLAY": "wayland-0"}, plugin) is None


def test_the_packages_are_those_of_the_set_up() -> None:
    tool = (ROOT / "tools" / "system-libraries").read_text()
    assert f'packages="{OFFSCREEN}"' in tool
    assert f'window="{WINDOW}"' in tool
