"""Structured logs: one JSON object a line on standard error; bodies, cookies, passwords and tokens never enter them."""

from __future__ import annotations

import logging
import sys

import structlog


def configure_logs(quiet: bool = False) -> None:
    """Set logging up once a process; ``quiet`` keeps only warnings and worse."""
    structlog.configure(
        processors=[
            structlog.contextvars.merge_contextvars,
            structlog.processors.add_log_level,
            structlog.processors.TimeStamper(fmt="iso", utc=True),
            structlog.processors.format_exc_info,
            structlog.processors.JSONRenderer(),
        ],
        wrapper_class=structlog.make_filtering_bound_logger(logging.WARNING if quiet else logging.INFO),
        logger_factory=structlog.PrintLoggerFactory(sys.stderr),
    )
