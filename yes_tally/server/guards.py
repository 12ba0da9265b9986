"""What stands before every route: the size of a body, forged requests, the headers that keep a page to itself, the log."""

from __future__ import annotations

import time
from urllib.parse import urlsplit

import structlog
from starlette.datastructures import Headers, MutableHeaders
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from yes_tally.server.problems import problem

MAX_BODY = 16 * 1024 * 1024
_SAFE = frozenset({"GET", "HEAD", "OPTIONS"})
SECURITY_HEADERS = {
    "Content-Security-Policy": (
        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; object-src 'none'; "
        "base-uri 'none'; form-action 'self'; frame-ancestors 'none'"
    ),
    "X-Content-Type-Options": "nosniff",
    "Referrer-Policy": "same-origin",
    "Cross-Origin-Opener-Policy": "same-origin",
}
log = structlog.get_logger()


class _TooLarge(Exception):
    """More came than a body may hold."""


class Guards:
    """One ASGI layer around the application."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        started = time.perf_counter()
        status = 0

        async def sending(message: Message) -> None:
            nonlocal status
            if message["type"] == "http.response.start":
                status = message["status"]
                headers = MutableHeaders(scope=message)
                for name, value in SECURITY_HEADERS.items():
                    headers[name] = value
            await send(message)

        await self._guarded(scope, receive, sending)
        took = round((time.perf_counter() - started) * 1000, 1)
        log.info("request", method=scope["method"], path=scope["path"], status=status, ms=took)

    async def _guarded(self, scope: Scope, receive: Receive, send: Send) -> None:
        headers = Headers(scope=scope)
        if scope["method"] not in _SAFE and _foreign(headers):
            answer = problem(403, "Not allowed", "This request came from another web site, so it was not carried out.")
            await answer(scope, receive, send)
            return
        try:
            if int(headers.get("content-length") or 0) > MAX_BODY:
                raise _TooLarge
            await self.app(scope, _limited(receive), send)
        except (_TooLarge, ValueError):
            await _too_large()(scope, receive, send)


def _too_large() -> ASGIApp:
    megabytes = MAX_BODY // 1024 // 1024
    return problem(
        413, "Too large", f"At most {megabytes} MB are taken at once. Nothing was stored; hand the report in in parts."
    )


def _foreign(headers: Headers) -> bool:
    """Whether a browser says that another site sent this request."""
    if headers.get("sec-fetch-site") in ("cross-site", "same-site"):
        return True
    origin = headers.get("origin")
    return origin is not None and urlsplit(origin).netloc != headers.get("host")


def _limited(receive: Receive) -> Receive:
    seen = 0

    async def receiving() -> Message:
        nonlocal seen
        message = await receive()
        seen += len(message.get("body", b""))
        if seen > MAX_BODY:
            raise _TooLarge
        return message

    return receiving
