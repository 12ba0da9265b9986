# Two commands matter: `make demo` and `make test`. Each sets up what it needs, also on a fresh machine.
SHELL := /bin/bash
PYTHON ?= python3
PORT ?= 8040
BIN := .venv/bin
FRONTEND := $(shell find frontend/src frontend/index.html frontend/vite.config.ts -type f 2>/dev/null)
export PIP_DISABLE_PIP_VERSION_CHECK = 1

.PHONY: demo test bench check setup dev types
demo: setup
	PORT=$(PORT) $(BIN)/yes-tally demo

setup: .setup/python .setup/frontend

.setup/python: requirements.lock pyproject.toml
	mkdir -p .setup
	test -x $(BIN)/python || $(PYTHON) -m venv .venv || { apt-get update && apt-get install -y python3-venv && $(PYTHON) -m venv .venv; }
	$(BIN)/pip install -q -r requirements.lock
	$(BIN)/pip install -q --no-deps -e .
	touch $@

.setup/npm: frontend/package.json frontend/package-lock.json
	mkdir -p .setup
	cd frontend && npm install --no-save --no-audit --no-fund --loglevel=error
	touch $@

.setup/frontend: .setup/npm $(FRONTEND)
	cd frontend && npm run build --silent
	touch $@

.setup/chromium:
	mkdir -p .setup
	command -v chromium >/dev/null || { apt-get update && apt-get install -y --no-install-recommends chromium; }
	touch $@

.setup/sshd:
	mkdir -p .setup
	test -x /usr/sbin/sshd || command -v sshd >/dev/null || { apt-get update && apt-get install -y --no-install-recommends openssh-server; }
	touch $@

types: .setup/python .setup/npm
	$(BIN)/yes-tally openapi > frontend/openapi.json
	cd frontend && npm run types --silent

check: .setup/python .setup/npm
	$(BIN)/ruff check yes_tally tests bench
	$(BIN)/ruff format --check yes_tally tests bench
	$(BIN)/mypy
	$(BIN)/lint-imports
	cd frontend && npm run check --silent

test: setup .setup/chromium .setup/sshd
	$(BIN)/python -m tests

bench: .setup/python
	$(BIN)/python -m bench $(ONLY)

dev: setup
	$(BIN)/yes-tally demo --port 8041 & cd frontend && npm run dev

.PHONY: screenshots
screenshots: setup .setup/chromium
	$(BIN)/python -m unittest tests.browser.screenshots.Screenshots

.PHONY: fuzz
FUZZ_SECONDS ?= 300
fuzz: .setup/python
	$(BIN)/pip install -q atheris==3.0.0
	$(BIN)/python -m tests.fuzz.changed $(FUZZ_SECONDS)
	$(BIN)/python -m tests.fuzz.read_anything -max_total_time=$(FUZZ_SECONDS)
