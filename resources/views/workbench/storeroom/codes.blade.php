@include('workbench.storeroom.any')
@include('workbench.storeroom.try')
