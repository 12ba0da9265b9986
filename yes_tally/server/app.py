"""The application: its routes, what stands before them, and the built front end."""

from __future__ import annotations

import asyncio
from collections.abc import AsyncIterator
from contextlib import asynccontextmanager
from importlib.metadata import version
from pathlib import Path

from fastapi import FastAPI
from fastapi.responses import FileResponse, PlainTextResponse, Response
from fastapi.staticfiles import StaticFiles

from yes_tally.records import runs
from yes_tally.records.store import using
from yes_tally.server.guards import Guards
from yes_tally.server.live import news
from yes_tally.server.problems import ProblemError, add_problem_handlers
from yes_tally.server.reading_again import rereader
from yes_tally.server.routes import bench, collecting, live, office, parts, people, phrases, settling, specs, waivers
from yes_tally.server.running import Runner
from yes_tally.server.schemas import Health

STATIC = Path(__file__).parent / "static"
PAGES = ("bench", "floor", "collect", "phrases", "parts", "specs", "assets", "sign-in")


def create_app() -> FastAPI:
    """The web application, on the store that ``records.store.open_store`` opened."""
    app = FastAPI(
        title="Yes Tally",
        version=version("yes-tally"),
        docs_url=None,
        redoc_url=None,
        openapi_url=None,
        lifespan=_running,
        description="Reads, settles, checks and seals what an office's PCs print about themselves.",
    )
    add_problem_handlers(app)
    app.add_middleware(Guards)

    @app.get("/api/health", operation_id="health", tags=["health"])
    def health() -> Health:
        """Whether the server answers."""
        return Health(status="ok", version=app.version)

    for part in (people, bench, office, specs, collecting, phrases, parts, settling, waivers, live):
        app.include_router(part.router)
    app.include_router(bench.open_router)
    _add_pages(app)
    return app


@asynccontextmanager
async def _running(app: FastAPI) -> AsyncIterator[None]:
    """From start to end: runs that the last end broke off are said to stand still, and none outlives the server."""
    news.attach(asyncio.get_running_loop())
    with using():
        runs.interrupted()
    app.state.runner = Runner(news)
    app.state.runner.read_what_came()
    rereader.start()
    yield
    rereader.close()
    await app.state.runner.close()


def _add_pages(app: FastAPI) -> None:
    app.mount("/static/assets", StaticFiles(directory=STATIC / "assets", check_dir=False), name="assets")

    @app.get("/{path:path}", include_in_schema=False)
    def page(path: str) -> Response:
        if path and path.split("/")[0] not in PAGES:
            raise ProblemError(404, "Not there", f"There is no page /{path}.")
        index = STATIC / "index.html"
        if not index.is_file():
            return PlainTextResponse("The front end is not built yet: run `make setup`.", 503)
        return FileResponse(index, headers={"Cache-Control": "no-cache"})
