<?php

declare(strict_types=1);

namespace App\HandOver;

/** The report could not be printed to PDF. */
final class PdfFailed extends \RuntimeException
{
}
