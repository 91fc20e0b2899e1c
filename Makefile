# Everything runs from a virtual environment in .venv, made from requirements.lock.
PYTHON ?= $(shell command -v python3.11 || command -v python3)
VENV := .venv
BIN := $(VENV)/bin
STAMP := $(VENV)/.ready
DEMO := $(VENV)/share/daruma/demo/.ready
SOURCES := $(shell find src/daruma -name '*.py' -o -name '*.toml' -o -name '*.qm')
RUN := env OPENBLAS_NUM_THREADS=1
PREFIX ?= /usr/local

.PHONY: texts demo run setup window test bench soak lint screenshots pages wheel install lock clean

demo: setup window
	@$(RUN) $(BIN)/daruma demo

run: setup window
	@$(RUN) $(BIN)/daruma

setup: $(STAMP)
	@tools/system-libraries $(VENV) offscreen
	@$(MAKE) --silent --no-print-directory $(DEMO)

window: $(STAMP)
	@tools/system-libraries $(VENV) window

$(STAMP): requirements.lock pyproject.toml
	@$(PYTHON) -c 'import sys; sys.exit(sys.version_info < (3, 11))' || { echo "Daruma needs Python 3.11 or newer."; exit 1; }
	@$(PYTHON) -c 'import venv, ensurepip' || { echo "Python lacks its venv module. Install it with: apt-get install python3-venv"; exit 1; }
	$(PYTHON) -m venv --clear $(VENV)
	$(BIN)/python -m pip --quiet install --require-hashes --no-deps --only-binary :all: -r requirements.lock
	$(BIN)/python -m pip --quiet install --no-build-isolation --no-deps --editable .
	env -u PYTHONDONTWRITEBYTECODE $(BIN)/python -m compileall -q src
	@touch $@

# the demo's data, so that its first start copies them
$(DEMO): $(STAMP) $(SOURCES)
	@echo "Building the demo's data, once"
	@$(RUN) $(BIN)/python tools/prepare_demo.py
	@touch $@

lint: setup
	$(BIN)/ruff check src tests benchmarks tools/*.py
	$(BIN)/ruff format --check -q src tests benchmarks tools/*.py
	$(BIN)/mypy
	$(BIN)/lint-imports

test: lint
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python -m pytest -n 3 --dist worksteal

soak: setup
	@$(BIN)/python -m pip install --quiet --require-hashes --no-deps --only-binary :all: -r requirements-fuzz.lock \
		|| echo "The fuzzer does not install here: its test is skipped."
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python -m pytest --soak

bench: setup
	env -u PYTHONDONTWRITEBYTECODE $(BIN)/python -m compileall -q src
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python benchmarks/startup.py
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python benchmarks/responsiveness.py
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python benchmarks/live_meter.py
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python benchmarks/cameras.py
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python benchmarks/shop_pages.py
	$(RUN) $(BIN)/python benchmarks/planning.py
	$(RUN) $(BIN)/python benchmarks/load.py
	$(RUN) $(BIN)/python benchmarks/meter.py

screenshots: setup
	QT_QPA_PLATFORM=offscreen $(RUN) $(BIN)/python tools/screenshots.py docs/screenshots

# what is derived from the commands and settings: manual page, completions, the page of settings
pages: setup
	mkdir -p share/man/man1 share/bash-completion/completions share/zsh/site-functions share/fish/vendor_completions.d
	$(BIN)/python tools/manpage.py share/man/man1/daruma.1
	$(BIN)/daruma completion bash > share/bash-completion/completions/daruma
	$(BIN)/daruma completion zsh > share/zsh/site-functions/_daruma
	$(BIN)/daruma completion fish > share/fish/vendor_completions.d/daruma.fish
	$(BIN)/daruma settings --markdown > docs/settings.md

# the languages: what is new is listed, translated by hand, and compiled for Qt
texts: setup
	$(BIN)/python tools/texts.py src/daruma/languages

wheel: setup
	$(BIN)/python -m hatchling build -t wheel

# for packages: the program's own files under DESTDIR; its libraries are the system's
install: wheel
	$(BIN)/python -m pip install --quiet --no-deps --no-index --no-compile --ignore-installed --no-warn-script-location \
		--root "$(abspath $(or $(DESTDIR),/))" --prefix "$(PREFIX)" dist/daruma-*.whl
	sed -i '1s|^#!.*|#!/usr/bin/env python3|' "$(abspath $(or $(DESTDIR),/))$(PREFIX)/bin/daruma"

lock:
	uv pip compile --generate-hashes --python-version 3.11 --only-binary :all: --no-header --no-annotate --extra dev pyproject.toml -o requirements.lock

clean:
	rm -rf $(VENV) dist build .pytest_cache .mypy_cache .ruff_cache .import_linter_cache .hypothesis
