<label class="flex min-h-6 items-center gap-2.5" for="{{ $id }}"><input type="hidden" name="value" value="off"><input type="checkbox" id="{{ $id }}" name="value" value="on"
  @checked($value)> {{ $label }}</label>
