<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** What was typed into a cell cannot be read; the message says what would be. */
final class UnreadableCell extends \DomainException {}
