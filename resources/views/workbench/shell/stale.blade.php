@php($yoursTyped = is_bool($stale->yours) ? ($stale->yours ? 'on' : 'off') : $stale->yours)
<div class="stale" data-stale data-path="{{ $stale->path }}" data-yours="{{ $yoursTyped }}" data-seen="{{ $stale->sequence }}">
  <p><b>{{ $stale->getMessage() }}</b></p>
  <dl class="my-1.5 grid grid-cols-[auto_1fr] gap-x-2.5 gap-y-0.5"><dt>{{ $stale->author }}</dt><dd>{{ $theirs }}</dd><dt>You</dt><dd>{{ $yours }}</dd></dl>
  <p class="flex gap-3.5"><button type="button" class="act" data-stale-keep>Keep theirs</button> <button type="button" class="act" data-stale-mine>Use mine</button></p>
</div>
