<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

enum EntryKind: string
{
    case Edit = 'edit';
    case Undo = 'undo';
    case Redo = 'redo';
}
