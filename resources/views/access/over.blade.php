<x-plain title="This way in does not hold any more">
  <p>It was used, or its time is over. Ask for a new letter.</p>
  <p><a class="act" href="/workbench/forgot">A new password</a> or <a class="act" href="/workbench/sign-in">the sign-in</a></p>
</x-plain>
