@if ($picture)<img src="{{ App\Pictures\ShopPicture::of($picture)->smallest() }}" alt="" width="72" height="62" loading="lazy" decoding="async">@else<span></span>@endif
