<div class="stale" data-stale data-path="{{ $stale->path }}" data-yours="{{ is_bool($stale->yours) ? ($stale->yours ? 'on' : 'off') : $stale->yours }}" data-seen="{{ $stale->sequence }}">
  <p><b>{{ $stale->getMessage() }}</b></p>
  <dl><dt>{{ $stale->author }}</dt><dd>{{ $theirs }}</dd><dt>You</dt><dd>{{ $yours }}</dd></dl>
  <p><button type="button" class="act" data-stale-keep>Keep theirs</button> <button type="button" class="act" data-stale-mine>Use mine</button></p>
</div>
