<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** The roles every color scheme fills. */
final class SchemeRoles
{
    /** key => [label, more words to find it by] */
    public const ALL = [
        'ground' => ['background', 'ground backdrop surface paper behind'],
        'ink' => ['text', 'ink body words letters paragraph'],
        'heading' => ['heading', 'title headline'],
        'link' => ['link text', 'link anchor'],
        'menu' => ['menu', 'navigation nav header links'],
        'line' => ['line', 'divider rule hairline border separator'],
        'action' => ['action', 'button buy main primary'],
        'action-ink' => ['action text', 'button text label on button'],
        'quiet' => ['quiet action', 'second button secondary outline'],
        'quiet-ink' => ['quiet action text', 'second button text secondary'],
        'field' => ['field', 'input form box background'],
        'field-ink' => ['field text', 'input text typed'],
        'field-line' => ['field line', 'input border outline box'],
        'price' => ['price', 'cost amount money'],
        'reduced' => ['reduced price', 'sale price discount offer'],
        'rating' => ['rating', 'stars review'],
        'done' => ['done message', 'success confirmation green message'],
        'done-ink' => ['done message text', 'success text'],
        'notice' => ['notice message', 'info information message'],
        'notice-ink' => ['notice message text', 'info text'],
        'problem' => ['problem message', 'error warning red message'],
        'problem-ink' => ['problem message text', 'error text warning'],
        'label-sale' => ['on-sale label', 'badge sticker tag discount'],
        'label-sale-ink' => ['on-sale label text', 'badge text'],
        'label-new' => ['new label', 'badge sticker tag fresh'],
        'label-new-ink' => ['new label text', 'badge text'],
        'label-gone' => ['sold-out label', 'badge sticker tag unavailable stock'],
        'label-gone-ink' => ['sold-out label text', 'badge text'],
        'label-own' => ['own label', 'badge sticker tag hand given'],
        'label-own-ink' => ['own label text', 'badge text'],
    ];
}
