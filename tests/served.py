"""The web application, as tests are served it."""

from __future__ import annotations

from functools import lru_cache

from fastapi import FastAPI

from yes_tally.server.app import create_app


@lru_cache(maxsize=1)
def served() -> FastAPI:
    """The application on the store that is open, put together once a process: working out its routes at the first
    request takes longer than most tests. What it keeps while it runs begins anew with every client."""
    return create_app()
