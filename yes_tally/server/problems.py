"""One error format: problem details (RFC 9457), in words that a technician understands.

Every foreign error is translated here, once.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

import structlog
from fastapi import FastAPI, Request
from fastapi.exceptions import RequestValidationError
from fastapi.responses import JSONResponse
from peewee import OperationalError, PeeweeException
from pydantic import BaseModel
from starlette.exceptions import HTTPException

from yes_tally.core.expecting.terms import SpecError, SpecMistakes
from yes_tally.records.store import AlreadySealed, NotThere, RecordsError, Refused, Stale, StoreUnusable

log = structlog.get_logger()

MEDIA_TYPE = "application/problem+json"


class SpecMistake(BaseModel):
    """A mistake in a spec's text."""

    line: int
    column: int
    message: str
    expected: list[str]
    nearest: str


class Problem(BaseModel):
    """Problem details (RFC 9457). ``detail`` says what happened, what was kept and what to do."""

    type: str = "about:blank"
    title: str
    status: int
    detail: str
    mistakes: list[SpecMistake] = []


class ProblemError(Exception):
    """An error to be answered as a problem."""

    def __init__(self, status: int, title: str, detail: str, headers: Mapping[str, str] | None = None) -> None:
        super().__init__(detail)
        self.status, self.title, self.detail, self.headers = status, title, detail, headers


# Which of the store's refusals is which status, and its title.
_OF_RECORDS: dict[type[RecordsError], tuple[int, str]] = {
    NotThere: (404, "Not there"),
    Stale: (409, "Somebody was quicker"),
    AlreadySealed: (409, "Already sealed"),
    Refused: (422, "That cannot be done"),
    StoreUnusable: (503, "The store cannot be used"),
}

RESPONSES: dict[int | str, dict[str, Any]] = {
    status: {"model": Problem, "description": title, "content": {MEDIA_TYPE: {}}}
    for status, title in (
        (401, "Not signed in"), (403, "Not allowed"), (404, "Not there"), (409, "Somebody was quicker"),
        (413, "Too large"), (422, "That cannot be done"), (429, "Too many tries"), (503, "The store cannot be used"),
    )
}  # fmt: skip


def problem(
    status: int,
    title: str,
    detail: str,
    headers: Mapping[str, str] | None = None,
    mistakes: list[SpecMistake] | None = None,
) -> JSONResponse:
    """A problem as a response."""
    body = Problem(title=title, status=status, detail=detail, mistakes=mistakes or [])
    return JSONResponse(body.model_dump(), status, headers=dict(headers or {}), media_type=MEDIA_TYPE)


def mistake_out(error: SpecError) -> SpecMistake:
    """A spec's mistake as it is sent."""
    return SpecMistake(
        line=error.line,
        column=error.column,
        message=error.message,
        expected=list(error.expected),
        nearest=error.nearest,
    )


def add_problem_handlers(app: FastAPI) -> None:
    """Answer every error of ours, the framework's and the store's as a problem."""

    @app.exception_handler(ProblemError)
    async def _own(request: Request, error: ProblemError) -> JSONResponse:
        return problem(error.status, error.title, error.detail, error.headers)

    @app.exception_handler(RecordsError)
    async def _records(request: Request, error: RecordsError) -> JSONResponse:
        status, title = _OF_RECORDS.get(type(error), (422, "That cannot be done"))
        return problem(status, title, _sentence(str(error)))

    @app.exception_handler(SpecMistakes)
    async def _spec(request: Request, error: SpecMistakes) -> JSONResponse:
        first = _sentence(str(error.errors[0]))
        more = f" And {len(error.errors) - 1} more." if len(error.errors) > 1 else ""
        return problem(422, "The spec has mistakes", first + more, mistakes=[mistake_out(e) for e in error.errors])

    @app.exception_handler(PeeweeException)
    async def _store(request: Request, error: PeeweeException) -> JSONResponse:
        log.error("store", error=str(error), path=request.url.path)
        busy = isinstance(error, OperationalError) and "locked" in str(error)
        detail = (
            "The store is busy with another write. Nothing was changed; try again in a moment."
            if busy
            else "The store could not be written or read (is the disk full or read-only?). Keep what you have; nothing was changed."
        )
        return problem(503, "The store cannot be used", detail)

    @app.exception_handler(RequestValidationError)
    async def _request(request: Request, error: RequestValidationError) -> JSONResponse:
        first = error.errors()[0]
        place = ".".join(str(part) for part in first["loc"][1:]) or str(first["loc"][0])
        return problem(422, "That cannot be done", _sentence(f"{place}: {first['msg']}. Nothing was changed."))

    @app.exception_handler(HTTPException)
    async def _http(request: Request, error: HTTPException) -> JSONResponse:
        return problem(
            error.status_code, str(error.detail), f"{request.method} {request.url.path}: {error.detail}.", error.headers
        )

    @app.exception_handler(Exception)
    async def _unexpected(request: Request, error: Exception) -> JSONResponse:
        log.exception("unexpected", path=request.url.path)
        return problem(
            500, "Something went wrong here", "This was noted in the server's log. What was handed in before is kept."
        )


def _sentence(text: str) -> str:
    return text[:1].upper() + text[1:] + ("" if text.endswith((".", "?")) else ".")
