<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** The roles every color scheme fills. */
final class SchemeRoles
{
    /** key => [label, more words to find it by] */
    public const ALL = [
        'ground' => ['ground', 'background backdrop surface paper behind'],
        'ink' => ['ink', 'text body words letters paragraph'],
        'heading' => ['heading', 'title headline'],
        'link' => ['link text', 'link anchor'],
        'menu' => ['menu', 'navigation nav header links'],
        'line' => ['line', 'divider rule hairline border separator'],
        'action' => ['action', 'button buy main primary'],
        'action-ink' => ['action ink', 'button text label on button'],
        'quiet' => ['quiet action', 'second button secondary outline'],
        'quiet-ink' => ['quiet action ink', 'second button text secondary'],
        'field' => ['field', 'input form box background'],
        'field-ink' => ['field ink', 'input text typed'],
        'field-line' => ['field line', 'input border outline box'],
        'price' => ['price', 'cost amount money'],
        'reduced' => ['reduced price', 'sale price discount offer'],
        'rating' => ['rating', 'stars review'],
        'done' => ['done message', 'success confirmation green message'],
        'done-ink' => ['done message ink', 'success text'],
        'notice' => ['notice message', 'info information message'],
        'notice-ink' => ['notice message ink', 'info text'],
        'problem' => ['problem message', 'error warning red message'],
        'problem-ink' => ['problem message ink', 'error text warning'],
        'label-sale' => ['on-sale label', 'badge sticker tag discount'],
        'label-sale-ink' => ['on-sale label ink', 'badge text'],
        'label-new' => ['new label', 'badge sticker tag fresh'],
        'label-new-ink' => ['new label ink', 'badge text'],
        'label-gone' => ['sold-out label', 'badge sticker tag unavailable stock'],
        'label-gone-ink' => ['sold-out label ink', 'badge text'],
        'label-own' => ['own label', 'badge sticker tag hand given'],
        'label-own-ink' => ['own label ink', 'badge text'],
    ];
}
