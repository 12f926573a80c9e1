<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** What is wanted of the store cannot be; nothing was changed, and the message says what to do. */
final class RefusedChange extends \DomainException {}
