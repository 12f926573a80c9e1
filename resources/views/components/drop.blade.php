@props(['action', 'id', 'busy', 'with' => null])
{{-- A place a picture is chosen for, dropped on or pasted into. --}}
<form class="logo-drop my-1 grid gap-1 border border-dashed border-edge bg-surface p-3 [&.is-over]:border-solid [&.is-over]:border-blue [&.is-over]:bg-blue-wash" data-drop hx-post="{{ $action }}"
  hx-encoding="multipart/form-data" @if ($with) hx-vals="{{ json_encode($with) }}" @endif hx-trigger="change from:#{{ $id }}-file" hx-indicator="#{{ $id }}-busy">
  <label for="{{ $id }}-file">{{ $slot }}</label>
  <input type="file" id="{{ $id }}-file" name="file" accept="image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml">
  <x-busy :id="$id.'-busy'" :words="$busy"/>
</form>
